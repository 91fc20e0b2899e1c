"""A case set out for the planner: every action of the phone and the parts on the table, where things stand, the goals."""

from __future__ import annotations

from collections.abc import Mapping
from enum import Enum

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.kinds import on_table, rooms, traits
from daruma.core.kinds.room import Room, Values
from daruma.core.parts import Function
from daruma.core.plan import phone
from daruma.core.plan.actions import Action, ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Otherwise
from daruma.core.plan.finishing import session_actions
from daruma.core.plan.goals import ends, goals
from daruma.core.plan.problem import Checkpoint, Doubt, Problem, go_on
from daruma.core.plan.proofs import proof_key
from daruma.core.plan.replay import replay
from daruma.core.plan.rules import ordered
from daruma.core.plan.workbench import FITTED, Around, Workbench


class Setting(Struct, frozen=True):
    """Hold a case with all its actions but the proofs, and the values that its history has led to."""

    case: Case
    bench: Workbench
    actions: tuple[Action, ...]
    start: Mapping[Enum, Enum]

    @classmethod
    def of(cls, case: Case, figures: Mapping[str, ActionFigures]) -> Setting:
        """Set a case out."""
        table = on_table(case)
        bench = Workbench(case, figures, traits(), _around(case, table))
        start = start_of(case)
        if case.history:
            start = replay(start, _actions(bench, table, None), case.history)
        return cls(case, bench, _actions(bench, table, start), phone.settled(start))

    def problem(self, checkpoint: Checkpoint = go_on) -> Problem:
        """Return the case as a compiled problem."""
        closing = phone.closing_prices(self.bench)
        return Problem(self.start, self.actions, goals(self.case), ends(self.case), self.doubts, closing, checkpoint)

    @property
    def doubts(self) -> tuple[Doubt, ...]:
        """Return the facts that may stay unknown."""
        return tuple(doubt for room in on_table(self.case) for doubt in room.doubts(self.case))

    def is_same(self, other: Setting) -> bool:
        """Return whether two cases of one phone are the same to the planner."""
        mine, theirs = self.case, other.case
        if (self.start, self.doubts, ends(mine), goals(mine)) != (other.start, other.doubts, ends(theirs), goals(theirs)):
            return False
        return self.actions == other.actions

    def proofs(self) -> dict[Function, Action]:
        """Return the action that proves each promise."""
        return {function: self.bench.action(proof_key(function), (FITTED,), {}) for function in self.case.promised}


def start_of(case: Case) -> dict[Enum, Enum]:
    """Return the values that planning starts from, before anything was done."""
    values = phone.start(case)
    for room in on_table(case):
        values.update(room.start(case))
    return values


def bench_actions(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    """Return every action of a case but the proofs."""
    return Setting.of(case, figures).actions


def all_actions(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[Action, ...]:
    """Return every action of a case, the proofs of what was promised at the end."""
    setting = Setting.of(case, figures)
    return (*setting.actions, *setting.proofs().values())


def otherwise() -> tuple[Otherwise, ...]:
    """Return every fact that nothing at the bench changes, those of parts first."""
    return (*(fact for room in rooms() for fact in room.otherwise), *phone.OTHERWISE)


def _actions(bench: Workbench, table: tuple[Room, ...], start: Values | None) -> tuple[Action, ...]:
    """Return the actions; `start` is where things stand, once known. Work on a part comes before that on those above it."""
    found = list(phone.on_phone(phone.trust_actions(bench)))
    for index, room in enumerate(table):
        others = [other for other in table if other is not room]
        first = [need for other in others for need in other.first(bench.case, start)] if start is not None else []
        later = [need for other in table[:index] for need in other.untouched(bench.case)]
        for action in room.actions(bench, start):
            behind = (*first, *(later if action.place is room.kind else ()))
            # what is done on the closed phone comes after all work inside it
            free = action.sets_up or FITTED in action.conditions
            found.append(action if free else replace(action, conditions=(*action.conditions, *behind)))
    return ordered((*found, *phone.opening_actions(bench), *session_actions(bench)), bench.case.rules)


def _around(case: Case, table: tuple[Room, ...]) -> Around:
    """Gather what the parts on the table ask of work that is not their own."""
    asked = [room.screens for room in table if room.screens is not None]
    return Around(
        clear=tuple(need for room in table for need in room.clear(case)),
        rests=tuple(need for room in table for need in room.rests(case)),
        closes=tuple(need for room in table for need in room.closes(case)),
        screens=asked[0](case) if asked else {"": ()},
        own={room.kind: room.own(case) for room in table},
        reopened={var: val for room in table for var, val in room.reopened(case).items()},
        fittings=tuple(fitting for room in table for fitting in room.fittings(case)),
        pending={room.kind: room.pending(case) for room in table},
    )
