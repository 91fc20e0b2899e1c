"""How the bench stands, in one sentence: what is safe now, and what must not be touched."""

from collections.abc import Sequence

from daruma.core.acts import Act
from daruma.core.backup import named
from daruma.core.job import Job, StepState, is_done
from daruma.core.kinds.display.steps import WRITES
from daruma.core.language import tr


def what_is_safe(job: Job, doubts: Sequence[Act], *, guarded: bool, plugged: bool) -> str:
    """Return what is safe with a job's parts just now.

    `doubts` are the acts in doubt on what the job has in hand, `guarded` whether the step at hand is one that is held,
    `plugged` whether a part answers on a socket.
    """
    if doubts:
        kept = tr(" {source} is safe in the vault.", source=_source(job)) if job.sources else ""
        return tr("Leave the part of act {number} as it is until it is settled.{kept}", number=doubts[0].number, kept=kept)
    steps = {step.action: step.state for step in job.steps}
    if any(steps.get(key) is StepState.FAILED for key in WRITES):
        return tr("The write was counted. The part may be unplugged; do not write again before a new plan.")
    if guarded:
        return tr("Nothing is sent before the ring closes: until then everything may be unplugged.")
    if not job.sources and not any(key.startswith("codes") for key in steps if is_done(job, key)):
        return tr("Nothing of the original is kept yet: no heat, no lifting, no writing before that.")
    if any(is_done(job, key) for key in WRITES):
        return tr(
            "The write is read back. {then}",
            then=tr("The part may be unplugged.") if plugged else tr("{source} stays in the vault.", source=_source(job)),
        )
    return tr("{source} is kept and read back. The part may be unplugged at any time.", source=_source(job))


def _source(job: Job) -> str:
    """Return the name of the backup that the step at hand, or the first part of the job, is written from."""
    return named(next(iter(job.sources), ""))
