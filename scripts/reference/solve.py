"""Runs the engine's random systems again in a reference solver, with the engine's own constants, and tells how far they part.

    v/bin/python scripts/reference/solve.py [count]
"""

import json
import math
import os
import subprocess
import sys

import phreeqc

ROOT = os.path.abspath(os.path.join(os.path.dirname(__file__), "../.."))
# Above this the engine holds its activity coefficients, and says that it is approximate.
HELD_M = 0.5
LEAST = 1e-9


def letters(at: int) -> str:
    return chr(97 + at // 26) + chr(97 + at % 26)


def signed(charge: int) -> str:
    return "" if charge == 0 else f"{charge:+d}"


def term(count: float, name: str) -> str:
    return name if count == 1 else f"{count:g} {name}"


class Names:
    """Components as elements of their own, so that every equation balances by itself."""

    def __init__(self, charges: dict[str, int]):
        self.charges = charges
        self.elements = {name: f"X{letters(at)}" for at, name in enumerate(sorted(charges)) if name != "H^+"}

    def species(self, name: str) -> str:
        return "H+" if name == "H^+" else self.elements[name] + signed(self.charges[name])

    def compound(self, parts: dict[str, float], charge: int) -> str:
        body = "".join(f"{self.elements[name]}{n:g}" for name, n in sorted(parts.items()) if name != "H^+")
        protons = parts.get("H^+", 0)
        body += f"H{protons:g}" if protons > 0 else f"(OH){-protons:g}" if protons < 0 else ""
        return body + signed(charge)


def database(data, names: Names) -> tuple[str, dict[str, str], dict[str, str]]:
    """The engine's constants as a data base, and what its species are called there."""
    lines = ["SOLUTION_MASTER_SPECIES", "E e- 0 0 0", "H H+ 0 H 1.008", "H(1) H+ 0 0", "O H2O 0 O 16.0", "O(-2) H2O 0 0", "H(0) H2 0 H", "O(0) O2 0 O"]
    lines += [f"{element} {names.species(name)} 0 {element} 100" for name, element in names.elements.items()]
    lines += ["SOLUTION_SPECIES", "H+ = H+", "log_k 0", "e- = e-", "log_k 0", "H2O = H2O", "log_k 0"]
    # No electrons move in these systems; the solver wants its two gases all the same.
    lines += ["2 H+ + 2 e- = H2", "log_k -3.15", "2 H2O = O2 + 4 H+ + 4 e-", "log_k -86.08"]
    called = {"H^+": "H+"}
    uncharged = "-gamma 1 0"
    for name in names.elements:
        spelled = names.species(name)
        called[name] = spelled
        lines += [f"{spelled} = {spelled}", "log_k 0"]
        if names.charges[name] == 0:
            lines.append(uncharged)
    for row in data["formed"]:
        parts = row["from"]
        if not all(name == "H^+" or name in names.elements for name in parts):
            continue
        protons = parts.get("H^+", 0)
        spelled = "OH-" if row["formula"] == "OH^-" else names.compound(parts, row["charge"])
        left = [term(n, names.species(name)) for name, n in parts.items() if n > 0]
        right = [spelled]
        if protons < 0:
            left.append(term(-protons, "H2O"))
            right.append(term(-protons, "H+"))
        called[row["formula"]] = spelled
        lines += [" + ".join(left) + " = " + " + ".join(right), f"log_k {row['logBeta']}"]
        if row["charge"] == 0:
            lines.append(uncharged)
    lines.append("PHASES")
    phases = {}
    for at, row in enumerate(data["solids"]):
        parts = dict(row["ions"])
        hydroxide = parts.pop("OH^-", 0)
        if not all(name == "H^+" or name in names.elements for name in parts):
            continue
        # A phase is written as what it gives: its protons or hydroxide make up its formula.
        whole = {**parts, "H^+": parts.get("H^+", 0) - hydroxide}
        right = [term(n, names.species(name)) for name, n in parts.items()]
        if hydroxide:
            right.append(term(hydroxide, "OH-"))
        phases[row["formula"]] = f"Solid{letters(at)}"
        lines += [phases[row["formula"]], names.compound(whole, 0) + " = " + " + ".join(right), f"log_k {-row['pKsp']}"]
    return "\n".join(lines), called, phases


def run(data) -> dict:
    names = Names(data["charges"])
    text, called, phases = database(data, names)
    solver = phreeqc.Phreeqc()
    if solver.LoadDatabaseString(text + "\nEND\n"):
        raise SystemExit(solver.GetErrorString())
    worst = {"below": [], "above": []}
    failed = 0
    for system in data["systems"]:
        lines = ["SOLUTION 1", "temp 25", "units mol/kgw", "pH 7 charge", "-water 1"]
        for name, total in system["components"].items():
            if name != "H^+" and total > 0:
                lines.append(f"{names.elements[name]} {total:.12g}")
        seen = [one for one, value in system["species"].items() if value > LEAST and one in called and one != "H^+"]
        lines += ["SELECTED_OUTPUT", "-reset false", "-pH true", "-ionic_strength true", "-high_precision true"]
        lines.append("-molalities " + " ".join(called[one] for one in seen))
        watched = [(phases[one], ratio) for one, ratio in system["saturation"] if one in phases]
        lines.append("-saturation_indices " + " ".join(name for name, _ in watched))
        lines.append("END")
        if solver.RunString("\n".join(lines)):
            failed += 1
            continue
        table = solver.GetSelectedOutput()
        values = _last_row(solver, table)
        apart = [abs(values["pH"] - system["pH"])]
        for one in seen:
            theirs = values.get(f"m_{called[one]}(mol/kgw)", 0)
            if theirs > 0:
                apart.append(abs(math.log10(theirs) - math.log10(system["species"][one])))
        # A product in which something is not there at all has no logarithm.
        apart += [abs(values[f"si_{name}"] - ratio) for name, ratio in watched if ratio > -12]
        where = "below" if system["ionicStrength"] <= HELD_M else "above"
        worst[where].append((max(apart), apart[0], system))
    return {"worst": worst, "failed": failed}


def _last_row(solver, table) -> dict:
    heads = [solver.GetSelectedOutputValue(0, column) for column in range(solver.GetSelectedOutputColumnCount())]
    last = solver.GetSelectedOutputRowCount() - 1
    return {head: solver.GetSelectedOutputValue(last, at) for at, head in enumerate(heads)}


def main() -> None:
    count = sys.argv[1] if len(sys.argv) > 1 else "300"
    made = subprocess.run(
        ["npx", "tsx", "scripts/reference/systems.ts", count], cwd=ROOT, check=True, capture_output=True, text=True
    )
    answer = run(json.loads(made.stdout))
    for where, label in (("below", f"up to {HELD_M} mol/L"), ("above", f"above {HELD_M} mol/L")):
        rows = sorted(answer["worst"][where], key=lambda one: one[0])
        if not rows:
            continue
        within = sum(one[0] <= 0.02 for one in rows)
        at = lambda share: rows[min(len(rows) - 1, int(share * len(rows)))][0]
        print(
            f"{label}: {len(rows)} systems, {within} within 0.02 in every species, saturation and the pH; "
            f"median {at(0.5):.4f}, 95 % {at(0.95):.4f}, largest {rows[-1][0]:.4f}, pH {max(one[1] for one in rows):.4f}"
        )
        for apart, _, system in rows[-3:]:
            print("  ", f"{apart:.3f}", system["reagents"], f"pH {system['pH']:.2f}", f"I {system['ionicStrength']:.3f}")
    print(f"{answer['failed']} did not come to rest in the reference solver")
    pitzer()


# Salts whose ions hardly pair, so that their activity is what the model says of it.
SALTS = {"NaCl": ("Na+", "Cl-", 1, 1), "CaCl2": ("Ca+2", "Cl-", 1, 2), "Na2SO4": ("Na+", "SO4-2", 2, 1), "MgSO4": ("Mg+2", "SO4-2", 1, 1)}


def davies(charge: int, strength: float) -> float:
    held = min(strength, HELD_M)
    return -0.509 * charge**2 * (math.sqrt(held) / (1 + math.sqrt(held)) - 0.3 * held)


def pitzer() -> None:
    """log10 of the mean activity coefficient by the engine's model and by Pitzer's, against the molality."""
    solver = phreeqc.Phreeqc()
    path = os.path.join(os.path.dirname(phreeqc.__file__), "databases/pitzer.dat")
    solver.LoadDatabase(path)
    for salt, ions in SALTS.items():
        cation, anion, n, m = ions
        charge = lambda name: int(name[-2:]) if name[-1].isdigit() else (1 if name.endswith("+") else -1)
        told = []
        for molality in (0.1, 0.5, 1, 2, 4):
            element = lambda name: {"SO4-2": "S(6)"}.get(name, name.rstrip("+-0123456789"))
            solver.RunString(
                f"SOLUTION 1\ntemp 25\nunits mol/kgw\npH 7 charge\n{element(cation)} {n * molality}\n"
                f"{element(anion)} {m * molality}\nSELECTED_OUTPUT\n-reset false\nUSER_PUNCH\n-headings a b\n"
                f'10 PUNCH LG("{cation}"), LG("{anion}")\nEND'
            )
            row = _last_row(solver, None)
            theirs = (n * row["a"] + m * row["b"]) / (n + m)
            strength = 0.5 * molality * (n * charge(cation) ** 2 + m * charge(anion) ** 2)
            ours = (n * davies(charge(cation), strength) + m * davies(charge(anion), strength)) / (n + m)
            told.append(f"{molality:g} mol/kg {ours:+.2f} / {theirs:+.2f}")
        print(f"{salt}: log γ± ours / Pitzer: " + "; ".join(told))


if __name__ == "__main__":
    main()
