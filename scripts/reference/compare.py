"""Compares the thermodynamic tables of the application with open tables, value by value, and writes docs/reference/*.csv.

    python -m venv v && v/bin/pip install -r scripts/reference/requirements.txt && v/bin/python scripts/reference/compare.py
"""

import csv
import itertools
import json
import math
import os
import subprocess
from dataclasses import dataclass

import phreeqc

from free_energies import WATER, Formation, crc, janaf, obigt
from properties import references as measured_references
from phreeqc_database import LN10, R, T, Database, species_key

ROOT = os.path.abspath(os.path.join(os.path.dirname(__file__), "../.."))
FARADAY = 96.485  # kJ/(V mol)
# Code and file of each data base; the works are cited in the order of WORKS.
DATABASES = {
    "minteq": "minteq.v4",
    "sit": "sit",
    "wateq4f": "wateq4f",
    "llnl": "llnl",
    "thermoddem": "PHREEQC_ThermoddemV1.10_15Dec2020",
    "phreeqc": "phreeqc",
}
WORKS = ["crc", *DATABASES, "janaf", "obigt"]
WORKS += ["crcOrganic", "crcInorganic", "crcConductivity", "iapws", "webbook", "notebook", "yaws", "marcus", "iec", "nfpa", "pubchem", "huuskonen"]
# How far two works may stand apart and still say the same.
TOLERANCE = {
    "log10 S": 0.3,
    "M / g/mol": 0.02,
    "log10 K": 0.3,
    "E / V": 0.015,
    "ΔH / kJ/mol": 4.0,
    "melts / °C": 4.0,
    "boils / °C": 4.0,
    "density / g/cm³": 0.05,
    "D / 1e-9 m²/s": 0.03,
    "p / kPa": 0.05,
    "% by volume": 1.0,
}


@dataclass
class Found:
    value: float
    work: str
    detail: str


def key_of(term) -> tuple:
    atoms = tuple(sorted((name, round(float(n), 4)) for name, n in term["atoms"].items() if n))
    return (atoms, term["charge"])


ELECTRON = ((), -1)


def by_database(database: Database, reaction) -> list[tuple[float, float | None, str]]:
    """log10 K and ΔH of a reaction by one data base, for every phase of the right composition."""
    choices = []
    for term in reaction:
        key = ELECTRON if term["state"] == "e" else key_of(term)
        if term["state"] in ("aq", "e", "l"):
            found = database.by_key.get(key, [])
        else:
            found = (database.gases if term["state"] == "g" else database.solids).get(key, [])
        if not found:
            return []
        choices.append([(term["n"], one, term["state"] in "sg") for one in found[:6]])
    answers = []
    for combination in itertools.product(*choices):
        masters: dict[str, float] = {}
        log_k, enthalpy = 0.0, 0.0
        known = True
        for n, entry, _ in combination:
            log_k += n * entry.log_k
            if entry.enthalpy is None:
                known = False
            else:
                enthalpy += n * entry.enthalpy
            for name, count in entry.masters.items():
                masters[name] = masters.get(name, 0) + n * count
        if any(abs(n) > 1e-3 for n in masters.values()):
            continue
        names = ", ".join(entry.name for _, entry, is_phase in combination if is_phase)
        answers.append((log_k, enthalpy if known else None, names))
    return answers


def less_water(work: Formation, term) -> list:
    """Rows of a dissolved species that the work writes with less water: ZnO2^2- for Zn(OH)4^2-."""
    if term["state"] != "aq":
        return []
    for waters in range(1, 5):
        atoms = {**term["atoms"]}
        atoms["H"] = atoms.get("H", 0) - 2 * waters
        atoms["O"] = atoms.get("O", 0) - waters
        if min(atoms["H"], atoms["O"]) < 0:
            return []
        found = work.rows.get((key_of({"atoms": atoms, "charge": term["charge"]}), "aq"), [])
        if found:
            return [
                (name, tuple(None if v is None else v + waters * w for v, w in zip(values, WATER)))
                for name, values in found
            ]
    return []


def by_formation(work: Formation, reaction) -> list[tuple[float | None, float | None, str]]:
    """ΔG and ΔH of a reaction from formation values; elements in their usual state count nothing."""
    choices = []
    for term in reaction:
        if term["state"] == "e":
            continue
        found = work.rows.get((key_of(term), term["state"]), []) or less_water(work, term)
        if not found:
            return []
        choices.append([(term["n"], *one) for one in found[:6]])
    answers = []
    for combination in itertools.islice(itertools.product(*choices), 200):
        enthalpies = [(n, values[0]) for n, _, values in combination]
        energies = [(n, values[1]) for n, _, values in combination]
        total = lambda rows: None if any(v is None for _, v in rows) else sum(n * v for n, v in rows)
        names = ", ".join(name for _, name, _ in combination)
        answers.append((total(energies), total(enthalpies), names))
    return answers


def by_dissolving(database: Database, ions: Formation, reaction) -> list[Found]:
    """ΔfH of a solid: that of the ions which a data base makes it of, with the heat it gives for that."""
    [solid] = [term for term in reaction if term["n"] > 0][:1] or [None]
    if solid is None or solid["state"] != "s":
        return []
    found = []
    for entry in database.solids.get(key_of(solid), []):
        if entry.enthalpy is None:
            continue
        total = entry.enthalpy
        for master, count in entry.masters.items():
            key = species_key(master)
            rows = [(None, WATER)] if key == species_key("H2O") else ions.rows.get((key, "aq"), [])
            if not rows or rows[0][1][0] is None:
                break
            total += count * rows[0][1][0]
        else:
            found.append(Found(total, database.title, entry.name))
    return found


def references(row, databases, works) -> list[Found]:
    quantity, reaction = row["quantity"], row["reaction"]
    electrons = -sum(term["n"] for term in reaction if term["state"] == "e")
    found = []
    formation = row["table"] == "formationEnthalpies"
    if not formation:
        for database in databases:
            for log_k, enthalpy, names in by_database(database, reaction):
                value = {"log10 K": log_k, "ΔH / kJ/mol": enthalpy}.get(quantity)
                if quantity == "E / V" and electrons:
                    value = log_k * R * T * LN10 / (electrons * FARADAY)
                if value is not None:
                    found.append(Found(value, database.title, names))
    else:
        for database in databases:
            found += by_dissolving(database, works[0], reaction)
    for work in works:
        for energy, enthalpy, names in by_formation(work, reaction):
            value = enthalpy if quantity == "ΔH / kJ/mol" else None
            if quantity == "log10 K" and energy is not None:
                value = -energy / (R * T * LN10)
            if quantity == "E / V" and energy is not None and electrons:
                value = -energy / (electrons * FARADAY)
            if value is not None:
                found.append(Found(value, work.title, names))
    return found


def verdict(ours: float, found: list[Found], tolerance: float) -> str:
    if not found:
        return "not in any"
    values = [one.value for one in found]
    nearest = min(abs(ours - value) for value in values)
    near = sum(abs(ours - value) <= tolerance for value in values)
    if near * 2 >= len(values):
        return "agrees"
    if nearest <= tolerance:
        return "agrees with some"
    return "within the spread" if min(values) <= ours <= max(values) else "differs"


# Where two works say the same to the last figure that is worth telling.
SAME = {
    "log10 S": 0.1,
    "M / g/mol": 0.02,
    "log10 K": 0.05,
    "E / V": 0.004,
    "ΔH / kJ/mol": 0.6,
    "melts / °C": 1.1,
    "boils / °C": 1.1,
    "density / g/cm³": 0.05,
    "D / 1e-9 m²/s": 0.006,
    "p / kPa": 0.02,
    "% by volume": 0.6,
}
THERMODYNAMIC = {"water", "acidBaseSteps", "complexes", "sparinglySoluble", "dissolvedGases", "volatileAcids", "redoxCouples"}
MAIN = {"formationEnthalpies": "ΔH / kJ/mol", "redoxCouples": "E / V"}


def by_quantity(tables: dict[str, list]) -> dict[str, list]:
    """Tables of constants apart from the heats that stand beside them, which are values of their own."""
    apart: dict[str, list] = {}
    for name, rows in tables.items():
        for row in rows:
            is_beside = name in THERMODYNAMIC and row[0]["quantity"] != MAIN.get(name, "log10 K")
            apart.setdefault(f"{name}Heat" if is_beside else name, []).append(row)
    return apart


def write_read_in(tables: dict[str, list]) -> None:
    """Which rows have a value that an open table has as well, and in which works: the source the application cites."""
    lines = [
        "/** Written by scripts/reference/compare.py: rows whose value was read in open tables, by the works that have it. */",
        "export const readIn: Readonly<Record<string, Readonly<Record<string, readonly string[]>>>> = {",
    ]
    for name, rows in by_quantity(tables).items():
        groups: dict[str, list[str]] = {}
        for row, found, _ in rows:
            same = {one.work for one in found if abs(one.value - row["ours"]) <= SAME[row["quantity"]]}
            if same:
                groups.setdefault(" ".join(sorted(same, key=WORKS.index)[:3]), []).append(row["of"])
        if not groups:
            continue
        lines.append(f"  {name}: {{")
        for works, names in sorted(groups.items()):
            quoted = ", ".join("'" + one.replace("'", "\\'") + "'" for one in names)
            lines.append(f"    '{works}': [{quoted}],")
        lines.append("  },")
    lines.append("};")
    path = os.path.join(ROOT, "core/src/matter/substances/data/readIn.ts")
    with open(path, "w", encoding="utf-8") as file:
        file.write("\n".join(lines) + "\n")


def write_compared(tables: dict[str, list]) -> None:
    """What the works say of each value, for the page of sources: the nearest of each work, at most four."""
    lines = [
        "import type { Work } from './works';",
        "",
        "/** Written by scripts/reference/compare.py: what open works say of a value, the nearest first. */",
        "export const compared: Readonly<Record<string, Readonly<Record<string, Readonly<Partial<Record<Work, number>>>>>>> = {",
    ]
    for name, rows in by_quantity(tables).items():
        lines.append(f"  {name}: {{")
        for row, found, _ in rows:
            nearest: dict[str, float] = {}
            for one in found:
                nearest.setdefault(one.work, one.value)
            told = ", ".join(f"{work}: {value:.5g}" for work, value in list(nearest.items())[:4])
            if told:
                of = row["of"].replace("'", "\\'")
                lines.append(f"    '{of}': {{ {told} }},")
        lines.append("  },")
    lines.append("};")
    path = os.path.join(ROOT, "core/src/matter/substances/data/compared.ts")
    with open(path, "w", encoding="utf-8") as file:
        file.write("\n".join(lines) + "\n")


def main() -> None:
    exported = subprocess.run(
        ["npx", "tsx", "scripts/reference/export.ts"], cwd=ROOT, check=True, capture_output=True, text=True
    )
    asked = json.loads(exported.stdout)
    rows = asked["constants"] + asked["measured"]
    folder = os.path.join(os.path.dirname(phreeqc.__file__), "databases")
    databases = [Database(os.path.join(folder, f"{name}.dat"), code) for code, name in DATABASES.items()]
    works = [crc(), janaf(), obigt()]
    target = os.path.join(ROOT, "docs/reference")
    os.makedirs(target, exist_ok=True)
    tables: dict[str, list] = {}
    for row in rows:
        if "by" in row:
            found = [Found(value, work, "") for value, work in measured_references(row)]
        else:
            found = references(row, databases, works)
        found.sort(key=lambda one: abs(one.value - row["ours"]))
        said = verdict(row["ours"], found, TOLERANCE[row["quantity"]])
        tables.setdefault(row["table"], []).append((row, found, said))
    for name, lines in tables.items():
        with open(os.path.join(target, f"{name}.csv"), "w", encoding="utf-8", newline="") as file:
            writer = csv.writer(file, lineterminator="\n")
            writer.writerow(["of", "quantity", "ours", "theirs", "difference", "work", "detail", "all", "verdict"])
            for row, found, said in lines:
                best = found[0] if found else None
                writer.writerow(
                    [
                        row["of"],
                        row["quantity"],
                        f"{row['ours']:.6g}",
                        f"{best.value:.6g}" if best else "",
                        f"{best.value - row['ours']:.3g}" if best else "",
                        best.work if best else "",
                        best.detail if best else "",
                        "; ".join(f"{one.value:.5g} {one.work}" for one in found[:8]),
                        said,
                    ]
                )
        counts: dict[str, int] = {}
        for *_, said in lines:
            counts[said] = counts.get(said, 0) + 1
        print(name, len(lines), counts)
    write_read_in(tables)
    write_compared(tables)


if __name__ == "__main__":
    main()
