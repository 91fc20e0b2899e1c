"""A part on the shelf: what it is, where it came from, what it has been through; declared once for form, table and CSV."""

import re
from collections.abc import Callable, Mapping
from datetime import date
from typing import Any

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.parts import PART_LABEL, PartKind
from daruma.core.tri import Tri

LONGEST = 120  # characters of a text
MOST_PRICE, MOST_WRITES = 100_000.0, 99
TRI_WORDS = {Tri.UNKNOWN: tr("not known"), Tri.YES: tr("yes"), Tri.NO: tr("no")}
USUAL_GRADES = {"new": tr("new, sealed"), "used": tr("used"), "unknown": tr("history not known")}


class ShelfPart(Struct, frozen=True):
    """Hold one spare part, known by its die; `kind` is its grade among those of its kind of part.

    `earlier_writes` are writes known from before this shop had it, `own_flex` says whether its touch flex is its own.
    `used_in` is the job that has taken it, `gone` why it was withdrawn, `arrived` the file that this was imported from.
    """

    die: str
    model: str
    maker: str
    kind: str
    source: str
    price: float
    earlier_writes: int = 0
    note: str = ""
    used_in: str = ""
    part: PartKind = PartKind.DISPLAY
    locked: Tri = Tri.UNKNOWN
    own_flex: Tri = Tri.UNKNOWN
    place: str = ""
    bought: str = ""
    warranty: str = ""
    gone: str = ""
    arrived: str = ""

    @property
    def free(self) -> bool:
        """Return whether a job may take it."""
        return not self.used_in and not self.gone

    @property
    def name(self) -> str:
        """Return how it is called where there is little room."""
        return f"{PART_LABEL[self.part]} {self.die[-6:]}"


class ShelfFault(ValueError):
    """Say what is wrong in one field of a part that somebody writes down."""

    def __init__(self, field: str, words: str) -> None:
        super().__init__(f"{field}: {words}")
        self.field, self.words = field, words


class Vocabulary(Struct, frozen=True):
    """Hold what a shelf may name: models by key with their names, grades of each kind of part with their words."""

    models: Mapping[str, str]
    grades: Mapping[PartKind, Mapping[str, str]]

    def grade(self, part: ShelfPart) -> str:
        """Return the words of a part's grade."""
        return self.grades.get(part.part, {}).get(part.kind, part.kind)


class Field(Struct, frozen=True):
    """Declare one field: how it is called, what stands there as text and how a text is read."""

    name: str
    label: str
    shown: Callable[[ShelfPart, Vocabulary], str]
    read: Callable[[str, Vocabulary, Mapping[str, Any]], Any]
    example: str = ""


def _text(value: str, _: Vocabulary, __: Mapping[str, Any]) -> str:
    text = value.strip()
    if len(text) > LONGEST:
        raise ValueError(f"at most {LONGEST} characters")
    if not all(char.isprintable() for char in text):
        raise ValueError("it holds characters that cannot be shown")
    return text


def _die(value: str, _: Vocabulary, __: Mapping[str, Any]) -> str:
    die = "".join(value.split())
    if not re.fullmatch(r"[0-9A-Za-z._-]{4,64}", die):
        raise ValueError("4 to 64 letters and digits, as the part's label or the programmer says")
    return die


def _part(value: str, _: Vocabulary, __: Mapping[str, Any]) -> PartKind:
    named = {**{kind.value: kind for kind in PART_LABEL}, **{label.lower(): kind for kind, label in PART_LABEL.items()}}
    found = named.get(value.strip().lower())
    if found is None or found is PartKind.BOARD:
        raise ValueError(f"no kind of part is called {value.strip()[:40] or 'that'}")
    return found


def _model(value: str, vocabulary: Vocabulary, _: Mapping[str, Any]) -> str:
    asked = value.strip().lower()
    found = next((key for key, name in vocabulary.models.items() if asked in (key, name.lower())), None)
    if found is None:
        raise ValueError(f"the catalogue has no model {value.strip()[:40] or 'without a name'}")
    return found


def _grade(value: str, vocabulary: Vocabulary, taken: Mapping[str, Any]) -> str:
    grades = vocabulary.grades.get(taken.get("part", PartKind.DISPLAY), USUAL_GRADES)
    asked = value.strip().lower()
    found = next((grade for grade, words in grades.items() if asked in (grade, words.lower())), None)
    if found is None:
        raise ValueError(f"one of: {', '.join(grades.values())}")
    return found


def _price(value: str, _: Vocabulary, __: Mapping[str, Any]) -> float:
    try:
        price = float(value.strip().replace(",", ".") or 0)
    except ValueError:
        raise ValueError(f"{value.strip()[:20]} is no amount") from None
    if not 0 <= price <= MOST_PRICE:
        raise ValueError(f"0 to {MOST_PRICE:.0f}")
    return round(price, 2)


def _writes(value: str, _: Vocabulary, __: Mapping[str, Any]) -> int:
    text = value.strip() or "0"
    if not re.fullmatch(r"\d{1,3}", text, re.ASCII) or int(text) > MOST_WRITES:
        raise ValueError(f"a whole number up to {MOST_WRITES}")
    return int(text)


def _tri(value: str, _: Vocabulary, __: Mapping[str, Any]) -> Tri:
    asked = value.strip().lower()
    found = next((tri for tri, words in TRI_WORDS.items() if asked in (words, tri.value)), None if asked else Tri.UNKNOWN)
    if found is None:
        raise ValueError("yes, no or not known")
    return found


def _day(value: str, _: Vocabulary, __: Mapping[str, Any]) -> str:
    text = value.strip()
    try:
        return date.fromisoformat(text).isoformat() if text else ""
    except ValueError:
        raise ValueError("a day as 2027-03-31") from None


FIELDS = (
    Field("part", tr("Part"), lambda part, _: PART_LABEL[part.part], _part, "display"),
    Field("model", tr("Model"), lambda part, words: words.models.get(part.model, part.model), _model, "cedar_l"),
    Field("die", tr("Die or serial"), lambda part, _: part.die, _die, "D0123456789A"),
    Field("maker", tr("Maker"), lambda part, _: part.maker, _text, tr("Fenwick")),
    Field("kind", tr("Grade"), lambda part, words: words.grade(part), _grade, "genuine_used"),
    Field("source", tr("From"), lambda part, _: part.source, _text, tr("Harbour Parts, crate 14")),
    Field("price", tr("Price"), lambda part, _: f"{part.price:g}", _price, "71"),
    Field("place", tr("Place"), lambda part, _: part.place, _text, tr("drawer 3")),
    Field("bought", tr("Bought on"), lambda part, _: part.bought, _day, "2026-10-02"),
    Field("warranty", tr("Warranty until"), lambda part, _: part.warranty, _day, "2027-10-02"),
    Field("earlier_writes", tr("Writes before"), lambda part, _: str(part.earlier_writes), _writes, "0"),
    Field("locked", tr("Locked"), lambda part, _: TRI_WORDS[part.locked], _tri, tr("no")),
    Field("own_flex", tr("Touch flex its own"), lambda part, _: TRI_WORDS[part.own_flex], _tri, tr("yes")),
    Field("note", tr("Note"), lambda part, _: part.note, _text, ""),
)
NEEDED = ("part", "model", "die", "kind")


def read_part(texts: Mapping[str, str], vocabulary: Vocabulary, before: ShelfPart | None = None) -> ShelfPart:
    """Return a part from texts by field; what is not given is as in `before`. Raise ShelfFault for the first wrong one."""
    taken: dict[str, Any] = {"maker": "", "source": "", "price": 0.0}
    for field in FIELDS:
        if field.name not in texts:
            if field.name in NEEDED and before is None:
                raise ShelfFault(field.label, tr("it is missing"))
            continue
        try:
            taken[field.name] = field.read(
                texts[field.name], vocabulary, taken if before is None else {"part": before.part, **taken}
            )
        except ValueError as error:
            raise ShelfFault(field.label, str(error)) from None
    return replace(before, **{name: value for name, value in taken.items() if name in texts}) if before else ShelfPart(**taken)


def texts_of(part: ShelfPart, vocabulary: Vocabulary) -> dict[str, str]:
    """Return what stands in each field of a part."""
    return {field.name: field.shown(part, vocabulary) for field in FIELDS}
