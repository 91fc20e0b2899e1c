"""Facts of a case as each kind of part declares them: what can be asked, what could be otherwise, what is worth knowing."""

from collections.abc import Callable, Mapping
from enum import Enum
from typing import Any

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Effort
from daruma.core.plan.case import Case

YES_OR_NO = {"yes": tr("yes"), "no": tr("no")}


class Option(Struct, frozen=True):
    """Hold one value that a fact can be given."""

    key: str
    words: str


class Fact(Struct, frozen=True):
    """Hold a fact of a case: its name, its value now and the values it can be given."""

    key: str
    label: str
    now: str
    options: tuple[Option, ...]


class Ask(Struct, frozen=True):
    """Declare a fact that can be asked about: how it is read from a case and how a case is changed by it.

    `options` are the values with their words; `there` says whether a case has the fact at all.
    """

    key: str
    label: Callable[[Case], str]
    options: Callable[[Case], Mapping[str, str]]
    now: Callable[[Case], str]
    change: Callable[[Case, str], Case]
    there: Callable[[Case], bool] = lambda _: True

    def fact(self, case: Case) -> Fact:
        """Return the fact as it stands in a case."""
        options = tuple(Option(key, words) for key, words in self.options(case).items())
        return Fact(self.key, self.label(case), self.now(case), options)


def state_of_part(key: str, label: str, words: Mapping[Any, str], facts: Callable[[Case], Any], kind: PartKind) -> Ask:
    """Declare how a part is, one of some states with their words; `facts` are what a case knows of the part."""
    kept = {state.value: state for state in words}
    return Ask(
        key,
        lambda _: label,
        lambda _: {state.value: said for state, said in words.items()},
        lambda case: str(facts(case).state.value),
        lambda case, value: case.with_part(kind, replace(facts(case), state=kept[value])),
    )


def flag(
    key: str, label: str, now: Callable[[Case], bool], change: Callable[[Case, bool], Case], **more: Callable[[Case], bool]
) -> Ask:
    """Declare a fact that is so or not."""
    return Ask(
        key,
        lambda _: label,
        lambda _: YES_OR_NO,
        lambda case: "yes" if now(case) else "no",
        lambda case, value: change(case, value == "yes"),
        **more,
    )


class Otherwise(Struct, frozen=True):
    """Hold a fact that nothing at the bench changes: where it stands so, what it would be otherwise."""

    words: str
    effort: Effort
    now: tuple[Enum, tuple[Enum, ...]]
    then: Mapping[Enum, Enum]


class Question(Struct, frozen=True):
    """Hold a fact that nobody has looked at: the key of the step that would answer it, and its answers with their chances."""

    words: str
    answered_by: str
    answers: tuple[tuple[float, Case], ...]
