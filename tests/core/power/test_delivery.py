"""Power Delivery objects against the words of the published macros (Linux dt-bindings/usb/pd.h) and their own layout."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.power.delivery import Offer, decode


@pytest.mark.parametrize(
    ("word", "volts", "amperes"), [(0x0001912C, 5, 3), (0x0002D12C, 9, 3), (0x0004B12C, 15, 3), (0x000641F4, 20, 5)]
)
def test_fixed_supplies(word: int, volts: float, amperes: float) -> None:
    """50 mV in bits 19 to 10, 10 mA in bits 9 to 0."""
    found = decode(word)
    assert (found.offer, found.volts_min, found.volts_max, found.amperes) == (Offer.FIXED, volts, volts, amperes)


def test_a_flag_is_no_voltage() -> None:
    assert decode(0x0801912C).flags == ("unconstrained_power",)
    assert decode(0x0801912C).words == "fixed 5 V, 3 A"


@pytest.mark.parametrize("kind", range(4))
def test_only_type_0_is_fixed(kind: int) -> None:
    """Bits 31 and 30: 0 fixed, 1 battery, 2 variable, 3 augmented."""
    offers = [{Offer.FIXED}, {Offer.BATTERY}, {Offer.VARIABLE}, {Offer.PROGRAMMABLE, Offer.ADJUSTABLE, Offer.UNKNOWN}]
    for rest in (0x0001912C, 0x1FFFFFFF, 0x2ABCDEF0, 0):
        assert decode(kind << 30 | rest & 0x3FFFFFFF).offer in offers[kind]


def test_a_programmable_supply_is_never_shown_as_a_fixed_voltage() -> None:
    """From memory: 100 mV in bits 24 to 17 and 15 to 8, 50 mA in bits 6 to 0; 3.3 to 11 V, 3 A."""
    found = decode(3 << 30 | 110 << 17 | 33 << 8 | 60)
    assert found.words == "programmable 3.3 to 11 V, 3 A"
    assert found.volts_min != found.volts_max


@given(st.integers(0, 1023), st.integers(0, 1023), st.integers(0, 1023))
def test_what_is_packed_is_unpacked(high: int, low: int, current: int) -> None:
    battery = decode(1 << 30 | high << 20 | low << 10 | current)
    assert (battery.volts_max, battery.volts_min, battery.watts) == (
        pytest.approx(high * 0.05),
        pytest.approx(low * 0.05),
        pytest.approx(current * 0.25),
    )
    variable = decode(2 << 30 | high << 20 | low << 10 | current)
    assert (variable.volts_max, variable.amperes) == (pytest.approx(high * 0.05), pytest.approx(current * 0.01))


@given(st.integers(0, (1 << 32) - 1))
def test_every_word_has_words(word: int) -> None:
    assert decode(word).words


@pytest.mark.parametrize("word", [-1, 1 << 32])
def test_what_is_no_word_is_refused(word: int) -> None:
    with pytest.raises(ValueError, match="no 32-bit word"):
        decode(word)
