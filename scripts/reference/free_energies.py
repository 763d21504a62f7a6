"""Enthalpies and free energies of formation at 25 °C, by what a species is made of, its charge and its state."""

import csv
import os
from collections import defaultdict

import chemicals
from chemicals.identifiers import pubchem_db

from phreeqc_database import Unreadable, species_key

CAL = 4.184e-3
HERE = os.path.dirname(chemicals.__file__)

WATER = (-285.83, -237.14)  # ΔfH°, ΔfG° of the liquid, kJ/mol (CODATA)

Values = tuple[float | None, float | None]  # ΔfH°, ΔfG°, kJ/mol


class Formation:
    """One work: what each species has, several where there are isomers or polymorphs."""

    def __init__(self, title: str):
        self.title = title
        self.rows: dict[tuple, list[tuple[str, Values]]] = defaultdict(list)

    def add(self, name: str, formula: str, state: str, values: Values) -> None:
        if values == (None, None):
            return
        try:
            self.rows[(species_key(formula), state)].append((name, values))
        except Unreadable:
            return


def _number(text: str | None, factor: float = 1e-3) -> float | None:
    try:
        return None if text in (None, "", "NA") else float(text) * factor
    except ValueError:
        return None


def _tsv(path: str):
    with open(os.path.join(HERE, path), encoding="utf-8") as file:
        yield from csv.DictReader(file, delimiter="\t")


def formula_of(cas: str) -> str | None:
    found = pubchem_db.search_CAS(int(cas.replace("-", ""))) if cas else None
    return found.formula if found else None


def crc() -> Formation:
    work = Formation("crc")
    for row in _tsv("Electrolytes/CRC Thermodynamic Properties of Aqueous Ions.tsv"):
        work.add(row["Name"], row["Formula"], "aq", (_number(row["Hf(aq)"]), _number(row["Gf(aq)"])))
    for row in _tsv("Heat Capacity/CRC Standard Thermodynamic Properties of Chemical Substances.tsv"):
        formula = formula_of(row["CAS"])
        if not formula:
            continue
        for state in "slg":
            work.add(row["Chemical"], formula, state, (_number(row[f"Hf{state}"]), _number(row[f"Gf{state}"])))
    # The proton is where ions are counted from; the handbook leaves it out.
    work.add("Hydrogen ion", "H+", "aq", (0.0, 0.0))
    return work


def janaf() -> Formation:
    work = Formation("janaf")
    for row in _tsv("Reactions/JANAF_1998.tsv"):
        for state in "lg":
            work.add(row["Chemical"], row["formula"], state, (_number(row[f"Hf{state}"]), _number(row[f"Gf{state}"])))
    return work


def obigt() -> Formation:
    import pychnosz

    folder = os.path.join(os.path.dirname(pychnosz.__file__), "data/extdata/OBIGT")
    work = Formation("obigt")
    # Water and the proton are not in the tables of species there.
    work.add("Water", "H2O", "l", WATER)
    work.add("Hydrogen ion", "H+", "aq", (0.0, 0.0))
    for name, state in (("inorganic_aq", "aq"), ("inorganic_cr", "s"), ("inorganic_gas", "g"), ("organic_aq", "aq")):
        with open(os.path.join(folder, f"{name}.csv"), encoding="utf-8") as file:
            for row in csv.DictReader(file):
                if row["state"] not in ("aq", "cr", "gas"):
                    continue
                factor = CAL if row["E_units"] == "cal" else 1e-3
                work.add(row["name"], row["formula"], state, (_number(row["H"], factor), _number(row["G"], factor)))
    return work
