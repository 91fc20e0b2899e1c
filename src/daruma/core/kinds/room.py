"""What a kind of part tells the rest of the core: one value of this class in each kind's module."""

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from enum import Enum

from daruma.core.pairing import Condition
from daruma.core.parts import Function, Identity, PartKind
from daruma.core.plan.actions import Action, Trait
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Ask, Otherwise, Question
from daruma.core.plan.problem import Doubt
from daruma.core.plan.state import Conjunction
from daruma.core.plan.workbench import Fitting, Workbench

Values = Mapping[Enum, Enum]


def _nothing(_: Case) -> tuple[()]:
    return ()


def _nothing_from(_: Case, __: Values) -> tuple[()]:
    return ()


def _no_values(_: Case) -> Values:
    return {}


def _no_notes(_: Case, __: Action) -> tuple[str, ...]:
    return ()


@dataclass(frozen=True, slots=True)
class Room:
    """Hold what the planner asks of a kind of part; asked only where a part of the kind is on the table.

    `start` are its values before anything was done, `actions` all that can be done to it from where things stand (None:
    not known yet). `threads` and `conditions` say what of those values makes an identity agree and a condition hold, each
    by its alternatives. `ends` must hold where work may stop. `functions` are those whose proof belongs to this kind.

    The rest is how it gets along with work that is not its own, as in `Around`; `notes` say where an action's chance comes
    from besides its figures.
    """

    kind: PartKind
    functions: tuple[Function, ...]
    traits: Mapping[str, Trait]
    start: Callable[[Case], Values]
    actions: Callable[[Workbench, Values | None], tuple[Action, ...]]
    threads: Callable[[Case], Mapping[Identity, tuple[Conjunction, ...]]]
    conditions: Callable[[Case], Mapping[Condition, tuple[Conjunction, ...]]]
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
