"""What a charger offers: source power data objects of USB Power Delivery, 32-bit words.

Bits as the published specification (USB PD 3.x, tables of source PDOs) lays them out; only type 0 is a fixed supply, a
programmable one is never shown as a fixed voltage.
"""

from __future__ import annotations

from enum import Enum

from msgspec import Struct

from daruma.core.language import tr


class Offer(Enum):
    """Name the kinds of supply."""

    FIXED = "fixed"
    BATTERY = "battery"
    VARIABLE = "variable"
    PROGRAMMABLE = "programmable"
    ADJUSTABLE = "adjustable"
    UNKNOWN = "unknown"


FLAGS = {
    29: "dual_role_power",
    28: "suspend",
    27: "unconstrained_power",
    26: "usb_communication",
    25: "dual_role_data",
    24: "unchunked_messages",
    23: "extended_power",
}
_PROGRAMMABLE, _EXTENDED, _STANDARD = 0, 1, 2  # kinds of augmented objects, bits 29 and 28


class PowerObject(Struct, frozen=True):
    """Hold one decoded object: voltages in V, current in A, power in W; None where the kind has none.

    A fixed supply has the same least and most voltage. `range` tells augmented objects apart; `flags` are those set.
    """

    word: int
    offer: Offer
    volts_min: float | None = None
    volts_max: float | None = None
    amperes: float | None = None
    watts: float | None = None
    range: str = ""
    flags: tuple[str, ...] = ()
    amperes_20v: float | None = None

    @property
    def words(self) -> str:
        """Return it in words."""
        match self.offer:
            case Offer.FIXED:
                return tr("fixed {volts_max:g} V, {amperes:g} A", volts_max=self.volts_max, amperes=self.amperes)
            case Offer.BATTERY:
                return tr(
                    "battery {volts_min:g} to {volts_max:g} V, {watts:g} W",
                    volts_min=self.volts_min,
                    volts_max=self.volts_max,
                    watts=self.watts,
                )
            case Offer.VARIABLE:
                return tr(
                    "variable {volts_min:g} to {volts_max:g} V, {amperes:g} A",
                    volts_min=self.volts_min,
                    volts_max=self.volts_max,
                    amperes=self.amperes,
                )
            case Offer.PROGRAMMABLE:
                return tr(
                    "programmable {volts_min:g} to {volts_max:g} V, {amperes:g} A",
                    volts_min=self.volts_min,
                    volts_max=self.volts_max,
                    amperes=self.amperes,
                )
            case Offer.ADJUSTABLE if self.watts is not None:
                return tr(
                    "adjustable {volts_min:g} to {volts_max:g} V, {watts:g} W",
                    volts_min=self.volts_min,
                    volts_max=self.volts_max,
                    watts=self.watts,
                )
            case Offer.ADJUSTABLE:
                return tr(
                    "adjustable 9 to 20 V: to 15 V {amperes:g} A, to 20 V {amperes_20v:g} A",
                    amperes=self.amperes,
                    amperes_20v=self.amperes_20v,
                )
            case Offer.UNKNOWN:
                return tr("an augmented object of a kind that is not published")


def decode(word: int) -> PowerObject:
    """Return what a word offers; raise ValueError for what is no 32-bit word."""
    if not 0 <= word < 1 << 32:
        raise ValueError(f"{word:#x} is no 32-bit word")
    match word >> 30:
        case 0:
            volts = _bits(word, 19, 10) * 0.05
            flags = tuple(name for bit, name in FLAGS.items() if word >> bit & 1)
            return PowerObject(word, Offer.FIXED, _round(volts), _round(volts), _round(_bits(word, 9, 0) * 0.01), flags=flags)
        case 1:
            low, high = _bits(word, 19, 10) * 0.05, _bits(word, 29, 20) * 0.05
            return PowerObject(word, Offer.BATTERY, _round(low), _round(high), watts=_round(_bits(word, 9, 0) * 0.25))
        case 2:
            low, high = _bits(word, 19, 10) * 0.05, _bits(word, 29, 20) * 0.05
            return PowerObject(word, Offer.VARIABLE, _round(low), _round(high), _round(_bits(word, 9, 0) * 0.01))
        case _:
            return _augmented(word)


def _augmented(word: int) -> PowerObject:
    kind = _bits(word, 29, 28)
    low = _bits(word, 15, 8) * 0.1
    if kind == _PROGRAMMABLE:
        limited = ("power_limited",) if word >> 27 & 1 else ()
        high, amperes = _bits(word, 24, 17) * 0.1, _bits(word, 6, 0) * 0.05
        return PowerObject(word, Offer.PROGRAMMABLE, _round(low), _round(high), _round(amperes), range="standard", flags=limited)
    if kind == _EXTENDED:
        high, watts = _bits(word, 25, 17) * 0.1, float(_bits(word, 7, 0))
        return PowerObject(word, Offer.ADJUSTABLE, _round(low), _round(high), watts=watts, range="extended")
    if kind == _STANDARD:
        fifteen, twenty = _bits(word, 19, 10) * 0.01, _bits(word, 9, 0) * 0.01
        return PowerObject(
            word, Offer.ADJUSTABLE, 9.0, 20.0 if twenty else 15.0, _round(fifteen), range="standard", amperes_20v=_round(twenty)
        )
    return PowerObject(word, Offer.UNKNOWN)


def _bits(word: int, high: int, low: int) -> int:
    return word >> low & (1 << high - low + 1) - 1


def _round(value: float) -> float:
    return round(value, 3)
