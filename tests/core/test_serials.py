"""Serials, codes and IMEIs as they are typed."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.serials import clean, code_fault, differing, grouped, imei_fault, serial_fault, with_check


@pytest.mark.parametrize(("body", "digit"), [("49015420323751", "8"), ("35209900176148", "1")])
def test_imei_check_digits(body: str, digit: str) -> None:
    """3GPP TS 23.003 (method; the text was not opened), usual examples."""
    assert imei_fault(body + digit) is None
    for wrong in "0123456789".replace(digit, ""):
        assert f"it would be {digit}, not {wrong}" in str(imei_fault(body + wrong))


@given(st.text("0123456789", min_size=14, max_size=14), st.integers(0, 13), st.integers(1, 9))
def test_every_single_wrong_digit_of_an_imei_is_found(body: str, at: int, by: int) -> None:
    right = next(body + d for d in "0123456789" if imei_fault(body + d) is None)
    wrong = right[:at] + str((int(right[at]) + by) % 10) + right[at + 1 :]
    assert imei_fault(wrong) is not None


@given(st.text("0123456789", min_size=14, max_size=14), st.integers(0, 12))
def test_swapped_neighbours_are_found_but_for_09_and_90(body: str, at: int) -> None:
    """Luhn cannot see 09 for 90; the check claims no more than that."""
    right = next(body + d for d in "0123456789" if imei_fault(body + d) is None)
    swapped = right[:at] + right[at + 1] + right[at] + right[at + 2 :]
    if {right[at], right[at + 1]} == {"0", "9"} or swapped == right:
        assert imei_fault(swapped) is None
    else:
        assert imei_fault(swapped) is not None


@pytest.mark.parametrize(("typed", "said"), [("", "missing"), ("12345", "this has 5"), ("49015420323751X", "digits only")])
def test_what_is_wrong_with_an_imei(typed: str, said: str) -> None:
    assert said in str(imei_fault(typed))


def test_mod_37_36_example() -> None:
    """ISO 7064 MOD 37,36 as GRid uses it: A12425GABC1234002 has the check character M."""
    assert with_check("A12425GABC1234002") == "A12425GABC1234002M"
    assert with_check("SN0001") == "SN0001S"


@given(st.text("0123456789ABCDEFGHJKLMNPQRSTUVWXYZ", min_size=15, max_size=15), st.integers(0, 15), st.data())
def test_single_errors_and_swaps_in_a_serial_are_found(body: str, at: int, data: st.DataObject) -> None:
    serial = with_check(body)
    if serial[-1] in "IO":
        return
    assert serial_fault(serial.lower()) is None
    other = data.draw(st.sampled_from([c for c in "0123456789ABCDEFGHJKLMNPQRSTUVWXYZ" if c != serial[at]]))
    assert serial_fault(serial[:at] + other + serial[at + 1 :]) is not None
    if at < 15 and serial[at] != serial[at + 1]:
        assert serial_fault(serial[:at] + serial[at + 1] + serial[at] + serial[at + 2 :]) is not None


def test_look_alikes_are_named() -> None:
    assert "character 1 is O" in str(serial_fault("O" * 16))
    assert "perhaps 0" in str(serial_fault("O" * 16))
    assert "this has 3" in str(serial_fault("ABC"))
    assert "digit 2 is S" in str(code_fault("0S34567812345678"))
    assert code_fault("0034 5678-1234 5678") is None


def test_small_helpers() -> None:
    assert clean(" ab-12 .c/d ") == "AB12CD"
    assert grouped("ABCDEFGHIJ") == "ABCD EFGH IJ"
    assert differing("ABC", "AXCD") == (1, 3)
