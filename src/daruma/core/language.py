"""Words in the user's language: texts stand in the code in English, and are looked up when they are said."""

import string
from collections.abc import Callable
from datetime import datetime
from enum import Enum
from numbers import Real
from typing import Any

Lookup = Callable[[str], str]


def _as_written(text: str) -> str:
    return text


class _Figures(string.Formatter):
    """Format as `str.format` does, numbers with the marks of the language."""

    def __init__(self, marks: dict[int, str]) -> None:
        self._marks = marks

    def format_field(self, value: Any, format_spec: str) -> str:
        said = str(format(value, format_spec))
        return said.translate(self._marks) if isinstance(value, Real) and format_spec else said


class _Language:
    """Hold what texts are looked up in."""

    def __init__(self) -> None:
        self.code = "en"
        self.lookup: Lookup = _as_written
        self.figures = _Figures({})


_now = _Language()


def speak(code: str, lookup: Lookup, decimal: str, thousands: str) -> None:
    """Say everything from here on in a language: its code, where texts are looked up, its marks in numbers.

    To be called before modules are loaded that hold texts of their own.
    """
    _now.code, _now.lookup = code, lookup
    _now.figures = _Figures(str.maketrans({".": decimal, ",": thousands}))


def spoken() -> str:
    """Return the code of the language that is spoken."""
    return _now.code


def tr(text: str, /, **values: object) -> str:
    """Return a text in the user's language, with its named values put in; numbers that have a format get its marks."""
    said = _now.lookup(text)
    return _now.figures.vformat(said, (), values) if values else said


def word(state: Enum) -> str:
    """Return what a state is called in the user's language."""
    return _now.lookup(str(state.value))


def figures(form: str, /, **values: object) -> str:
    """Return named numbers in a form that is the same in every language, with the marks of the user's."""
    return _now.figures.vformat(form, (), values)


def day(when: str) -> str:
    """Return the day of a time in ISO 8601 as the user's language writes it; what is no time is returned as it is."""
    return _written(when, tr("%Y-%m-%d"))


def moment(when: str) -> str:
    """Return day and minute of a time in ISO 8601 as the user's language writes them."""
    return _written(when, tr("%Y-%m-%d %H:%M"))


def _written(when: str, form: str) -> str:
    try:
        return datetime.fromisoformat(when).strftime(form)
    except ValueError:
        return when


def inner(label: str) -> str:
    """Return a label as it stands within a sentence: in small letters, but where the language writes nouns large."""
    return label.lower() if _now.code == "en" else label


def continued(sentence: str) -> str:
    """Return a sentence as it goes on after others: begun small, but where the language may begin with a noun."""
    return sentence[:1].lower() + sentence[1:] if _now.code == "en" else sentence
