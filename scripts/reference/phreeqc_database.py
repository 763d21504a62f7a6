"""Reads a PHREEQC data base: every dissolved species and phase as a combination of the master species, with log10 K and the
enthalpy of its formation from them at 25 °C. A reaction between any of them then follows by addition."""

import math
import re
from collections import defaultdict
from dataclasses import dataclass, field

T = 298.15
R = 8.31446e-3  # kJ/(mol K)
LN10 = math.log(10)

# Ligands that some data bases count as an element of their own.
ALIASES = {
    "Amm": {"N": 1, "H": 3},
    "Cyanide": {"C": 1, "N": 1},
    "Acetate": {"C": 2, "H": 3, "O": 2},
    "Thiocyanate": {"S": 1, "C": 1, "N": 1},
    "Scn": {"S": 1, "C": 1, "N": 1},
    "Cit": {"C": 6, "H": 5, "O": 7},
    "Citrate": {"C": 6, "H": 5, "O": 7},
    "Tartarate": {"C": 4, "H": 4, "O": 6},
    "Tartrate": {"C": 4, "H": 4, "O": 6},
    "Oxalate": {"C": 2, "O": 4},
    "Ox": {"C": 2, "O": 4},
    "Edta": {"C": 10, "H": 12, "N": 2, "O": 8},
    "Salicylate": {"C": 7, "H": 4, "O": 3},
    "Benzoate": {"C": 7, "H": 5, "O": 2},
    "Phenylacetate": {"C": 8, "H": 7, "O": 2},
    "Formate": {"C": 1, "H": 1, "O": 2},
    "Ethylenediamine": {"C": 2, "H": 8, "N": 2},
    "Phthalate": {"C": 8, "H": 4, "O": 4},
    "Phthalat": {"C": 8, "H": 4, "O": 4},
    "Ethylene": {"C": 2, "H": 4},
    "Methane": {"C": 1, "H": 4},
    "Cyanate": {"C": 1, "N": 1, "O": 1},
    "Hdg": {"H": 1},
    "Ntg": {"N": 1},
    "Mtg": {"C": 1, "H": 4},
    "Oxg": {"O": 1},
    "Sg": {"S": 1},
}
ELEMENTS = set(
    "H He Li Be B C N O F Ne Na Mg Al Si P S Cl Ar K Ca Sc Ti V Cr Mn Fe Co Ni Cu Zn Ga Ge As Se Br Kr Rb Sr Y Zr Nb Mo "
    "Tc Ru Rh Pd Ag Cd In Sn Sb Te I Xe Cs Ba La Ce Pr Nd Pm Sm Eu Gd Tb Dy Ho Er Tm Yb Lu Hf Ta W Re Os Ir Pt Au Hg Tl "
    "Pb Bi Po At Rn Fr Ra Ac Th Pa U Np Pu Am Cm".split()
)


class Unreadable(ValueError):
    """A formula or equation this reader does not know."""


def composition(formula: str) -> dict[str, float]:
    """Atoms of a formula without its charge; `:` and `.` before a count join parts of a hydrate."""
    total: dict[str, float] = defaultdict(float)
    for part in re.split(r"[:·]", formula):
        found = re.match(r"^(\d+\.?\d*|\.\d+)?(.*)$", part)
        assert found
        times = float(found.group(1) or 1)
        for name, count in _atoms(found.group(2)).items():
            total[name] += times * count
    return {name: count for name, count in total.items() if abs(count) > 1e-9}


def _atoms(text: str) -> dict[str, float]:
    total: dict[str, float] = defaultdict(float)
    at = 0
    while at < len(text):
        if text[at] in "([":
            depth, end = 1, at + 1
            while end < len(text) and depth:
                depth += (text[end] in "([") - (text[end] in ")]")
                end += 1
            inner = _atoms(text[at + 1 : end - 1])
            count = re.match(r"\d*\.?\d*", text[end:])
            assert count
            for name, n in inner.items():
                total[name] += n * float(count.group() or 1)
            at = end + len(count.group())
            continue
        found = re.match(r"([A-Z][a-z_]*)(\d*\.?\d*)", text[at:])
        if not found:
            raise Unreadable(text)
        name, count = found.group(1), float(found.group(2) or 1)
        if name in ALIASES:
            for one, n in ALIASES[name].items():
                total[one] += n * count
        elif name in ELEMENTS:
            total[name] += count
        else:
            raise Unreadable(text)
        at += found.end()
    return total


def species_key(name: str) -> tuple[tuple[tuple[str, float], ...], int]:
    """What a dissolved species is made of, and its charge."""
    if name in ("e-", "E-"):
        return ((), -1)
    found = re.match(r"^(.*?)(\++|-+|[+-]\d+\.?\d*)?$", name)
    assert found
    formula, sign = found.group(1), found.group(2) or ""
    charge = 0
    if sign:
        digits = sign[1:]
        charge = (
            (1 if sign[0] == "+" else -1) * (round(float(digits)) if digits[:1].isdigit() else len(sign))
        )
    atoms = composition(formula)
    return (tuple(sorted((n, round(c, 4)) for n, c in atoms.items())), charge)


@dataclass
class Entry:
    """A species or phase as a combination of masters."""

    name: str
    log_k: float
    enthalpy: float | None  # kJ/mol
    masters: dict[str, float] = field(default_factory=dict)


def _terms(side: str) -> list[tuple[float, str]]:
    words = re.split(r"\s+([+-])\s+", " " + side.strip() + " ".rstrip())
    found: list[tuple[float, str]] = []
    sign = 1.0
    for word in words:
        word = word.strip()
        if word in ("+", "-"):
            sign = 1.0 if word == "+" else -1.0
            continue
        if not word:
            continue
        if word[0] in "+-" and len(word) > 1 and (word[1].isdigit() or word[1] in " ."):
            sign *= 1.0 if word[0] == "+" else -1.0
            word = word[1:].strip()
        match = re.match(r"^(\d+\.?\d*|\.\d+)?\s*(\S+)$", word)
        if not match:
            raise Unreadable(side)
        found.append((sign * float(match.group(1) or 1), match.group(2)))
        sign = 1.0
    return found


KEYWORDS = set(
    "SOLUTION_MASTER_SPECIES SOLUTION_SPECIES PHASES EXCHANGE_MASTER_SPECIES EXCHANGE_SPECIES SURFACE_MASTER_SPECIES "
    "SURFACE_SPECIES RATES PITZER SIT GAS_BINARY_PARAMETERS LLNL_AQUEOUS_MODEL_PARAMETERS NAMED_EXPRESSIONS END ISOTOPES "
    "CALCULATE_VALUES MEAN_GAMMAS KNOBS".split()
)


class Database:
    """The species and phases of one file."""

    def __init__(self, path: str, title: str):
        self.title = title
        self.species: dict[str, Entry] = {}
        self.phases: dict[str, tuple[str, Entry]] = {}
        self.by_key: dict[tuple, list[Entry]] = defaultdict(list)
        self.solids: dict[tuple, list[Entry]] = defaultdict(list)
        self.gases: dict[tuple, list[Entry]] = defaultdict(list)
        self._read(path)
        self._index()

    def _read(self, path: str) -> None:
        section, pending = "", None
        masters: set[str] = set()
        with open(path, encoding="latin-1") as file:
            lines = [line.split("#")[0].rstrip() for line in file]
        blocks: list[tuple[str, str | None, list[str]]] = []
        name = None
        for line in lines:
            text = line.strip()
            if not text:
                continue
            if text.split()[0] in KEYWORDS:
                section, pending, name = text.split()[0], None, None
                continue
            if section == "SOLUTION_MASTER_SPECIES":
                parts = text.split()
                if len(parts) > 1:
                    masters.add(parts[1])
            elif section in ("SOLUTION_SPECIES", "PHASES"):
                if "=" in text and not text.lower().startswith(("-", "log_k", "delta_h")):
                    blocks.append((section, name if section == "PHASES" else None, [text]))
                    pending = blocks[-1]
                    name = None
                elif section == "PHASES" and re.match(r"^[A-Za-z(]", text) and not re.match(
                    r"^-?(log_k|delta_h|analytic|vm|t_c|p_c|omega|gamma|add_|no_check|llnl|enthalpy)", text, re.I
                ):
                    name, pending = text.split()[0], None
                elif pending:
                    pending[2].append(text)
        self.masters = masters
        waiting = []
        for section, name, texts in blocks:
            try:
                waiting.append((section, name, *self._equation(texts)))
            except (Unreadable, ValueError):
                continue
        # Masters that are written as themselves are the basis; what needs others is read once those are known.
        for section, _, left, right, log_k, enthalpy in waiting:
            if section == "SOLUTION_SPECIES" and len(left) == len(right) == 1 and left == right:
                self.species[left[0][1]] = Entry(left[0][1], 0, 0, {left[0][1]: 1})
        changed = True
        while changed:
            changed = False
            rest = []
            for one in waiting:
                section, name, left, right, log_k, enthalpy = one
                defined = right[0] if section == "SOLUTION_SPECIES" else left[0]
                if section == "SOLUTION_SPECIES" and defined[1] in self.species:
                    continue
                sign = 1 if section == "SOLUTION_SPECIES" else -1
                entry = self._combine(defined, sign, left, right, log_k, enthalpy)
                if entry is None:
                    rest.append(one)
                    continue
                changed = True
                if section == "SOLUTION_SPECIES":
                    self.species[defined[1]] = entry
                elif name:
                    entry.name = name
                    self.phases[name] = (defined[1], entry)
            waiting = rest

    def _equation(self, texts: list[str]):
        left, right = texts[0].split("=", 1)
        log_k = enthalpy = None
        analytic: list[float] | None = None
        for text in texts[1:]:
            words = text.split()
            head = words[0].lower().lstrip("-")
            if head in ("log_k", "logk"):
                log_k = float(words[1])
            elif head in ("delta_h", "deltah"):
                unit = words[2].lower() if len(words) > 2 else "kj"
                enthalpy = float(words[1]) * (4.184 if "cal" in unit and "kcal" in unit else 1)
                if unit.startswith("cal"):
                    enthalpy *= 4.184e-3
                if unit.startswith("j"):
                    enthalpy /= 1000
                # The data bases write nought where they do not know it.
                enthalpy = enthalpy or None
            elif head.startswith("analytic") or head in ("a_e", "ae", "analytical_expression"):
                analytic = [float(word) for word in words[1:] if re.match(r"^[+-]?[\d.]", word)]
        if analytic and log_k is None:
            a = analytic + [0] * (6 - len(analytic))
            log_k = a[0] + a[1] * T + a[2] / T + a[3] * math.log10(T) + a[4] / T**2 + a[5] * T**2
        if analytic and enthalpy is None:
            a = analytic + [0] * (6 - len(analytic))
            slope = a[1] - a[2] / T**2 + a[3] / (T * LN10) - 2 * a[4] / T**3 + 2 * a[5] * T
            # A constant that is written as a series of one term says nothing of heat.
            enthalpy = R * T**2 * LN10 * slope if any(analytic[1:]) else None
        return _terms(left), _terms(right), log_k, enthalpy

    def _combine(self, defined, sign, left, right, log_k, enthalpy) -> Entry | None:
        """The defined species from the others: log K = Σ products − Σ reactants."""
        if log_k is None:
            return None
        total_k, total_h = log_k, enthalpy
        masters: dict[str, float] = defaultdict(float)
        for side, factor in ((left, 1.0), (right, -1.0)):
            for count, name in side:
                if (count, name) == defined and ((factor < 0) == (sign > 0)):
                    continue
                known = self.species.get(name)
                if known is None:
                    return None
                total_k += factor * count * known.log_k
                if total_h is not None:
                    total_h = None if known.enthalpy is None else total_h + factor * count * known.enthalpy
                for master, n in known.masters.items():
                    masters[master] += factor * count * n
        scale = sign / defined[0]
        return Entry(
            defined[1],
            total_k * scale,
            None if total_h is None else total_h * scale,
            {name: n * scale for name, n in masters.items() if abs(n) > 1e-9},
        )

    def _index(self) -> None:
        for name, entry in self.species.items():
            try:
                self.by_key[species_key(name)].append(entry)
            except Unreadable:
                continue
        for name, (formula, entry) in self.phases.items():
            try:
                key = species_key(formula)
            except Unreadable:
                continue
            where = self.gases if name.endswith("(g)") else self.solids
            where[key].append(entry)
