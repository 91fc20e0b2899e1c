"""Serials and codes: clean what is typed, find what is wrong with it, show where two differ."""

import re

from daruma.core.language import tr

# The check-digit library is imported where it is used: it takes a tenth of the start.

LOOK_ALIKE = {"O": "0", "Q": "0", "I": "1", "L": "1", "S": "5", "B": "8", "Z": "2"}
SERIAL_LENGTH = 16
CODE_LENGTH = 16
_HEX = frozenset("0123456789ABCDEF")


def clean(text: str) -> str:
    """Return the text in capitals without spaces, dots, dashes or slashes."""
    return re.sub(r"[\s.\-/]", "", text).upper()


def grouped(text: str, size: int = 4) -> str:
    """Return the text in groups of `size` characters, as serials are read aloud."""
    return " ".join(text[i : i + size] for i in range(0, len(text), size))


def imei_fault(text: str) -> str | None:
    """Return what is wrong with an IMEI, or None.

    The check digit is Luhn's over the first 14 digits (3GPP TS 23.003). It finds every single wrong digit and
    nearly every swap of neighbours; 09 for 90 it cannot see.
    """
    from stdnum import luhn

    digits = clean(text)
    if not digits:
        return tr("missing: 15 digits, shown by dialling *#06#")
    if not (digits.isascii() and digits.isdigit()):
        return tr("IMEI has digits only")
    if len(digits) != 15:
        return tr("IMEI has 15 digits, this has {count_digits}", count_digits=len(digits))
    if not luhn.is_valid(digits):
        return tr(
            "check digit is wrong: for these 14 digits it would be {calc_check_digit}, not {digits}",
            calc_check_digit=luhn.calc_check_digit(digits[:14]),
            digits=digits[14],
        )
    return None


def serial_fault(text: str) -> str | None:
    """Return what is wrong with a display serial, or None.

    Sixteen characters, the last one a check character by ISO 7064 MOD 37,36; I and O are never used.
    """
    from stdnum.exceptions import ValidationError
    from stdnum.iso7064 import mod_37_36

    serial = clean(text)
    if len(serial) != SERIAL_LENGTH:
        return tr(
            "a display serial has {serial_length} characters, this has {count_serial}",
            serial_length=SERIAL_LENGTH,
            count_serial=len(serial),
        )
    for index, character in enumerate(serial):
        if character in "IO":
            return tr(
                "character {index} is {character}, which serials never use: perhaps {meant}",
                index=index + 1,
                character=character,
                meant=LOOK_ALIKE[character],
            )
    try:
        mod_37_36.validate(serial)
    except ValidationError:
        return tr("check character does not fit: one character is wrong or two are swapped")
    return None


def with_check(body: str) -> str:
    """Append the ISO 7064 MOD 37,36 check character to a serial's first fifteen characters."""
    from stdnum.iso7064 import mod_37_36

    return body + str(mod_37_36.calc_check_digit(body))


def code_fault(text: str) -> str | None:
    """Return what is wrong with a cover code or touch chip id (16 hexadecimal digits), or None."""
    code = clean(text)
    if len(code) != CODE_LENGTH:
        return tr(
            "a code has {code_length} hexadecimal digits, this has {count_code}", code_length=CODE_LENGTH, count_code=len(code)
        )
    for index, character in enumerate(code):
        if character not in _HEX:
            hint = tr(": perhaps {meant}", meant=LOOK_ALIKE[character]) if character in LOOK_ALIKE else ""
            return tr("digit {index} is {character}, not 0-9 or A-F{hint}", index=index + 1, character=character, hint=hint)
    return None


def differing(left: str, right: str) -> tuple[int, ...]:
    """Return the positions at which two texts differ, counting a missing character as different."""
    longest = max(len(left), len(right))
    return tuple(i for i in range(longest) if left[i : i + 1] != right[i : i + 1])
