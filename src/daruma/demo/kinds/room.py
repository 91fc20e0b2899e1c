"""What the demo knows of a kind of part: one value of this class in each kind's module."""

from collections.abc import Callable, Mapping
from typing import Any

from msgspec import Struct

from daruma.core.model import Model
from daruma.core.part_work import PartTicket
from daruma.core.parts import PartKind
from daruma.core.shelf import ShelfPart
from daruma.demo.maker import Maker
from daruma.standin.world import Phone, Thing

Entry = Mapping[str, Any]


def _none_new(_: Maker, __: Model, ___: Entry) -> None:
    return None


def _not_from_shelf(_: Any, __: Model, ___: Entry, ____: str) -> None:
    return None


class DemoRoom(Struct, frozen=True):
    """Hold what the demo asks of a kind of part, by the entries of its scenario.

    `broken` is what an entry says of a phone in which the part is broken. `own` makes the part that a phone leaves the
    factory with and lets its board expect it; `aged` is what happened to that part since. `new` makes the one that is
    to be fitted, `ticket` what intake writes down (None: the part is not on the table). `shelved` is how the shop has a
    new one on its shelf, with the job that has taken it. `out` are the hand acts that bring the own part from a running
    phone to the programmer and `back` those back, where it is read before a job.
    """

    kind: PartKind
    own: Callable[[Maker, Model, Phone, Entry], Thing]
    ticket: Callable[[Entry, Any], PartTicket | None]
    broken: Entry
    aged: Callable[[Any, Entry], None] = lambda _, __: None
    new: Callable[[Maker, Model, Entry], Thing | None] = _none_new
    shelved: Callable[[Any, Model, Entry, str], ShelfPart | None] = _not_from_shelf
    out: tuple[str, ...] = ()
    back: tuple[str, ...] = ()
