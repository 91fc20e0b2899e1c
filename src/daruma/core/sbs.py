"""What the words of a battery's gauge mean, as the Smart Battery Data Specification 1.1 (1998) lays them out.

Commands: 03 battery mode, 08 temperature, 0A current, 16 battery status, 1A specification info, 1B manufacture date.
"""

from enum import Enum

from msgspec import Struct

from daruma.core.language import figures, tr

_ZERO_CELSIUS = 2731  # of 0.1 K
_ENERGY = 1 << 15  # of the battery mode: capacities in 10 mWh
_STATUS = {7: tr("initialised"), 6: tr("discharging"), 5: tr("full"), 4: tr("empty")}
_ALARMS = {
    15: tr("over-charged"),
    14: tr("terminate charge"),
    12: tr("over-temperature"),
    11: tr("terminate discharge"),
    9: tr("remaining capacity"),
    8: tr("remaining time"),
}
_VERSIONS = {1: ("1.0", False), 2: ("1.1", False), 3: ("1.1", True)}


class Meaning(Enum):
    """Name the words that say more than a number with a unit."""

    STATUS = "sbs_status"
    SPECIFICATION = "sbs_specification"
    TEMPERATURE = "sbs_temperature"
    CAPACITY = "sbs_capacity"
    MODE = "sbs_mode"


class SpecificationInfo(Struct, frozen=True):
    """Hold a gauge's version, whether it sends packet error checks, and the powers of ten of its volts and amperes."""

    version: str
    checked: bool
    volts_power: int
    amperes_power: int


def temperature(word: int) -> float:
    """Return degrees Celsius of a word in 0.1 K."""
    return (word - _ZERO_CELSIUS) / 10


def status(word: int) -> tuple[str, ...]:
    """Return the states and alarms that a battery status says."""
    return tuple(name for names in (_STATUS, _ALARMS) for bit, name in names.items() if word >> bit & 1)


def specification(word: int) -> SpecificationInfo:
    """Return what a specification word says: version in bits 7 to 4, powers of ten in bits 11 to 8 (V) and 15 to 12 (A)."""
    version, checked = _VERSIONS.get(word >> 4 & 15, (tr("not known"), False))
    return SpecificationInfo(version, checked, word >> 8 & 15, word >> 12 & 15)


def in_energy(mode: int) -> bool:
    """Return whether a battery mode says that capacities are in units of 10 mWh and not in mAh."""
    return bool(mode & _ENERGY)


def capacity(word: int, mode: int) -> tuple[int, str]:
    """Return a capacity with its unit, as the battery mode says."""
    return (10 * word, "mWh") if in_energy(mode) else (word, "mAh")


def said(meaning: Meaning, word: int, mode: int = 0) -> str:
    """Return what a word says, in a few words; `mode` is the gauge's battery mode."""
    match meaning:
        case Meaning.STATUS:
            return ", ".join(status(word)) or "nothing"
        case Meaning.SPECIFICATION:
            found = specification(word)
            scales = (
                tr(
                    ", V and A times 10^{volts_power} and 10^{amperes_power}",
                    volts_power=found.volts_power,
                    amperes_power=found.amperes_power,
                )
                if word >> 8
                else ""
            )
            return f"{found.version}{(tr(' with packet checks') if found.checked else '')}{scales}"
        case Meaning.TEMPERATURE:
            return figures("{temperature:.1f} °C", temperature=temperature(word))
        case Meaning.CAPACITY:
            return "{} {}".format(*capacity(word, mode))
        case Meaning.MODE:
            return tr("capacities in 10 mWh") if in_energy(word) else tr("capacities in mAh")
