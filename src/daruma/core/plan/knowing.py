"""What would be worth knowing first: the value of information about facts that nobody has looked at."""

from collections.abc import Mapping
from dataclasses import dataclass, replace

from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.case import Case, ChipPlace, FlexState, NewPanel, OriginalState
from daruma.core.plan.planner import problem_of
from daruma.core.plan.policy import Policy
from daruma.core.plan.state import Val
from daruma.core.tri import Tri


@dataclass(frozen=True, slots=True)
class Worth:
    """Hold a question, what knowing its answer beforehand is worth in money, and whether it changes the next step."""

    question: str
    money: float
    changes: bool


def worth_knowing(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[Worth, ...]:
    """Return what is worth knowing, the most valuable first; what changes nothing is left out, and so is what the next step
    finds out anyway.

    The value of perfect information: the answers' values weighed by their chances, less the value without knowing.
    """
    value, step = _solved(case, figures)
    following = next((key for key in step if key != "open_phone"), "")
    found = []
    for question, answered_by, answers in _questions(case):
        if answered_by == following:
            continue
        solved = [(chance, *_solved(answer, figures)) for chance, answer in answers]
        money = sum(chance * worth for chance, worth, _ in solved) - value
        changes = any(_work(then) != _work(step) for _, _, then in solved)
        if changes and money > 0.5:
            found.append(Worth(question, money, changes))
    return tuple(sorted(found, key=lambda worth: -worth.money))


def _solved(case: Case, figures: Mapping[str, ActionFigures]) -> tuple[float, tuple[str, ...]]:
    """Return the value of a case and the steps that the policy takes when all goes well."""
    problem = problem_of(case, figures)
    policy = Policy(problem, case.preferences)
    return policy.value(problem.start), tuple(action.key for action in policy.path(problem.start))


def _work(steps: tuple[str, ...]) -> tuple[str, ...]:
    """Return steps without what is only asked or tested: that is no different thing to do."""
    return tuple(key for key in steps if key not in ("check_donor", "test_flex"))


def _questions(case: Case) -> list[tuple[str, str, list[tuple[float, Case]]]]:
    """Return the questions, each with the key of the step that would answer it, and its answers with their chances."""
    chances = case.chances
    found: list[tuple[str, str, list[tuple[float, Case]]]] = []
    if case.original is OriginalState.MISSING and not case.display_stays:
        there = replace(case, original=OriginalState.UNTRIED, chip=_back(case.chip))
        found.append(
            (
                "Can the original part still be had?",
                "",
                [(chances.original_turns_up, there), (1 - chances.original_turns_up, case)],
            )
        )
    if case.original is OriginalState.UNTRIED and not case.display_stays and not case.history:
        answers = [(chances.original_answers, OriginalState.ANSWERS), (1 - chances.original_answers, OriginalState.DAMAGED)]
        found.append(
            (
                "Does the original answer on the socket?",
                "read_original",
                [(p, replace(case, original=state)) for p, state in answers],
            )
        )
    if case.flex is FlexState.UNTESTED:
        tested = [(chances.flex_sound, FlexState.SOUND), (1 - chances.flex_sound, FlexState.REPLACED)]
        found.append(
            (
                "Is the front sensor flex the original and sound?",
                "test_flex",
                [(p, replace(case, flex=state)) for p, state in tested],
            )
        )
    if case.panels and case.panels[0].donor() is Val.UNASKED:
        pair = [(chances.donor_clean, Tri.NO), (1 - chances.donor_clean, Tri.YES)]
        found.append(
            ("Is the panel unlocked, its touch flex its own?", "check_donor", [(p, _donor(case, locked)) for p, locked in pair])
        )
    return found


def _back(chip: ChipPlace) -> ChipPlace:
    return ChipPlace.ON_ORIGINAL if chip is ChipPlace.LOST else chip


def _donor(case: Case, locked: Tri) -> Case:
    panel: NewPanel = replace(case.panels[0], locked=locked, touch_flex_replaced=Tri.NO)
    return replace(case, panels=(panel, *case.panels[1:]))
