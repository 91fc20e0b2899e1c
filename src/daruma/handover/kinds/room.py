"""What sheets and case files know of a kind of part: one value of this class in each kind's module."""

from collections.abc import Callable
from typing import Any

from msgspec import Struct

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.handover.case_shape import CaseFile, Strict

Faults = list[tuple[str, str]]


class Fitted(Struct, frozen=True):
    """Hold what a sheet says of a part that was fitted: what it is, and where it came from."""

    words: str
    source: str


def _no_faults(_: CaseFile, __: Model, ___: Catalogue) -> Faults:
    return []


def _none_measured(_: Job, __: Function) -> str:
    return ""


class HandoverRoom(Struct, frozen=True):
    """Hold what sheets and case files ask of a kind of part.

    `part` is what it is called in the sheet's heading, `deed` what is said there to have been done with it. `fitted` is what a
    job has put in (None: nothing of the kind), `original` where data of it come from that were read from the part itself.
    `instrument` is what a function was measured with, besides its readings. `facts` are those of a case file (None: the part
    is not on the table), `faults` what cannot be in it, by place. `entry` is the shape of the kind's entry among the file's
    parts; None for kinds whose entries are the file's own.
    """

    kind: PartKind
    part: str
    original: str
    fitted: Callable[[Job], Fitted | None]
    facts: Callable[[CaseFile, Catalogue], Any]
    entry: type[Strict] | None = None
    deed: str = tr("replaced")
    faults: Callable[[CaseFile, Model, Catalogue], Faults] = _no_faults
    instrument: Callable[[Job, Function], str] = _none_measured
