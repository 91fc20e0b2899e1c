"""What was done: a job's steps as planning counts them, the shop's outcomes as chances are learnt from them."""

from collections.abc import Mapping, Set

from daruma.core.job import Job, StepState
from daruma.core.kinds import trait
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.plan.actions import Trait
from daruma.core.plan.odds import Record, total


def history(job: Job) -> tuple[tuple[str, bool], ...]:
    """Return the steps that were done or failed, for planning from where things stand.

    With another new part on the ticket than the one that was worked on, what was done on that one does not count.
    """
    changed = {kind for kind in job.parts if job.has_changed(kind)}
    settled = [(step.action, step.state is StepState.DONE) for step in job.steps if step.state is not StepState.OPEN]
    done = {key for key, good in settled if good}
    failed = [outcome.action for outcome in job.outcomes if not outcome.good and outcome.tells]
    lost = [(key, False) for key in failed if trait(key).lasting and key not in done]
    return (*((key, good) for key, good in settled if not _of_former(trait(key), changed)), *lost)


def _of_former(its: Trait, changed: Set[PartKind]) -> bool:
    """Return whether a step counted only for a part that was worked on before another one came in its place."""
    return its.redone and bool(changed) and (its.part is None or its.part in changed)


def record_of_outcomes(totals: Mapping[tuple[str, str, bool], int], models: Mapping[str, Model], adapter: str) -> Record:
    """Return what the shop's outcomes, by model, action and whether it went well, say about how often each action does.

    Reading and writing count on one adapter only.
    """

    def counts(key: str, action: str) -> bool:
        model = models.get(key)
        return not trait(action).on_adapter or (model is not None and model.socket == adapter)

    return total((action, good, times) for (key, action, good), times in totals.items() if counts(key, action))
