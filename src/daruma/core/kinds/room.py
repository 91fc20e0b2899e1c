"""What a kind of part tells the rest of the core: one value of this class in each kind's module."""

from collections.abc import Callable, Mapping
from enum import Enum
from typing import Any

from msgspec import Struct, field

from daruma.core.finishing import Origin
from daruma.core.job import Job
from daruma.core.kinds.entries import Entry, Told
from daruma.core.known import KnownPart, Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Ask, Otherwise, Question
from daruma.core.plan.problem import Doubt
from daruma.core.plan.state import Conjunction
from daruma.core.plan.workbench import Fitting, Workbench
from daruma.core.shelf import USUAL_GRADES

Values = Mapping[Enum, Enum]


def _nothing(_: Case) -> tuple[()]:
    return ()


def _nothing_from(_: Case, __: Values) -> tuple[()]:
    return ()


def _no_values(_: Case) -> Values:
    return {}


def _no_faults(_: PartTicket, __: Model | None) -> Mapping[str, str]:
    return {}


def _sealed(_: Any) -> Origin:
    return Origin.NEW


def _no_notes(_: Case, __: Action) -> tuple[str, ...]:
    return ()


class Room(Struct, frozen=True):
    """Hold what is known of a kind of part. What the planner asks is asked only where a part of the kind is on the table.

    `identities` are those that it carries, `functions` those whose proof belongs to it, `lies_with` further ones whose promise
    lays it on the table. `ticket` and `work` are how a ticket and a job hold it, `entries` what intake asks, `told` how the
    answers read; `faults` are what keeps a ticket from being planned, by field; `seen` is what it says for the pairing model.

    `start` are its values before anything was done, `actions` all that can be done to it from where things stand (None:
    not known yet). `threads` and `conditions` say what of those values makes an identity agree and a condition hold, each
    by its alternatives. `ends` must hold where work may stop.

    The rest is how it gets along with work that is not its own, as in `Around`; `notes` say where an action's chance comes
    from besides its figures. `pending` must hold before the phone finishes any other part, `origin` is where a genuine part
    on the ticket comes from; `grades` are those of parts on the shelf.
    """

    kind: PartKind
    identities: tuple[Identity, ...]
    functions: tuple[Function, ...]
    ticket: type[PartTicket]
    work: type[PartWork]
    entries: tuple[Entry, ...]
    told: Callable[[Any], Told]
    seen: Callable[[Job, Model, KnownPart], Seen]
    traits: Mapping[str, Trait]
    start: Callable[[Case], Values]
    actions: Callable[[Workbench, Values | None], tuple[Action, ...]]
    threads: Callable[[Case], Mapping[Identity, tuple[Conjunction, ...]]]
    conditions: Callable[[Case], Mapping[Condition, tuple[Conjunction, ...]]]
    faults: Callable[[Any, Model | None], Mapping[str, str]] = _no_faults
    asks: tuple[Ask, ...] = ()
    ends: Callable[[Case], Conjunction] = _nothing
    doubts: Callable[[Case], tuple[Doubt, ...]] = _nothing
    questions: Callable[[Case], tuple[Question, ...]] = _nothing
    otherwise: tuple[Otherwise, ...] = ()
    clear: Callable[[Case], Conjunction] = _nothing
    rests: Callable[[Case], Conjunction] = _nothing
    closes: Callable[[Case], Conjunction] = _nothing
    untouched: Callable[[Case], Conjunction] = _nothing
    first: Callable[[Case, Values], Conjunction] = _nothing_from
    screens: Callable[[Case], Mapping[str, Conjunction]] | None = None
    own: Callable[[Case], Conjunction] = _nothing
    reopened: Callable[[Case], Values] = _no_values
    fittings: Callable[[Case], tuple[Fitting, ...]] = _nothing
    notes: Callable[[Case, Action], tuple[str, ...]] = _no_notes
    lies_with: tuple[Function, ...] = ()
    pending: Callable[[Case], Conjunction] = _nothing
    origin: Callable[[Any], Origin] = _sealed
    grades: Mapping[str, str] = field(default_factory=lambda: USUAL_GRADES)
