"""What would be worth knowing first: the value of information about facts that nobody has looked at."""

from collections.abc import Mapping

from msgspec import Struct

from daruma.core.kinds import on_table
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.case import Case
from daruma.core.plan.facts import Question
from daruma.core.plan.pieces import Pieces
from daruma.core.plan.planner import Outlook, Plan, outlook
from daruma.core.plan.problem import Checkpoint, go_on
from daruma.core.plan.setting import Setting


class Worth(Struct, frozen=True):
    """Hold a question, what knowing its answer beforehand is worth in money, and whether it changes the next step."""

    question: str
    money: float
    changes: bool


def worth_knowing(
    case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint = go_on, plan: Plan | None = None
) -> tuple[Worth, ...]:
    """Return what is worth knowing, the most valuable first; what changes nothing is left out, and so is what the next step
    finds out anyway. What is known of the case's `plan` is not worked out again.

    The value of perfect information: the answers' values weighed by their chances, less the value without knowing.
    """
    asked = _Asked(case, figures, checkpoint, plan)
    following = next((action.key for action in asked.now.path if action.key != "open_phone"), "")
    found = []
    for question in questions(case):
        if question.answered_by == following:
            continue
        solved = [(chance, asked.outlook(answer)) for chance, answer in question.answers]
        money = sum(chance * then.value for chance, then in solved) - asked.now.value
        changes = any(_work(then) != _work(asked.now) for _, then in solved)
        if changes and money > 0.5:
            found.append(Worth(question.words, money, changes))
    return tuple(sorted(found, key=lambda worth: -worth.money))


class _Asked:
    """Solve answers: what an answer leaves as it is, is not solved again."""

    def __init__(self, case: Case, figures: Mapping[str, ActionFigures], checkpoint: Checkpoint, plan: Plan | None) -> None:
        self._figures, self._checkpoint = figures, checkpoint
        self._setting = Setting.of(case, figures)
        self._pieces = plan.parted.pieces if plan is not None and plan.parted is not None else Pieces()
        known = Outlook(plan.advice.value, plan.path) if plan is not None else None
        self.now = known or outlook(self._setting, checkpoint, self._pieces)

    def outlook(self, answer: Case) -> Outlook:
        """Return what a case is worth with an answer, and its steps."""
        setting = Setting.of(answer, self._figures)
        return self.now if setting.is_same(self._setting) else outlook(setting, self._checkpoint, self._pieces)


def questions(case: Case) -> tuple[Question, ...]:
    """Return the facts that nobody has looked at yet, as the parts on the table have them."""
    return tuple(question for room in on_table(case) for question in room.questions(case))


def _work(outlook: Outlook) -> tuple[str, ...]:
    """Return steps without what is only asked or tested: that is no different thing to do."""
    return tuple(action.key for action in outlook.path if not action.finding)
