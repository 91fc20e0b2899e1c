"""How the bench stands, in one sentence: what is safe now, and what must not be touched."""

from collections.abc import Sequence

from daruma.core.acts import Act
from daruma.core.backup import named
from daruma.core.job import Job, StepState
from daruma.core.kinds.display.steps import WRITES
from daruma.core.known import is_done


def what_is_safe(job: Job, doubts: Sequence[Act], *, guarded: bool, plugged: bool) -> str:
    """Return what is safe with a job's parts just now.

    `doubts` are the acts in doubt on what the job has in hand, `guarded` whether the step at hand is one that is held,
    `plugged` whether a part answers on a socket.
    """
    if doubts:
        kept = f" {named(job.backup)} is safe in the vault." if job.backup else ""
        return f"Leave the part of act {doubts[0].number} as it is until it is settled.{kept}"
    steps = {step.action: step.state for step in job.steps}
    if any(steps.get(key) is StepState.FAILED for key in WRITES):
        return "The write was counted. The part may be unplugged; do not write again before a new plan."
    if guarded:
        return "Nothing is sent before the ring closes: until then everything may be unplugged."
    if not (job.backup or job.flex_backup) and not any(key.startswith("codes") for key in steps if is_done(job, key)):
        return "Nothing of the original is kept yet: no heat, no lifting, no writing before that."
    if any(is_done(job, key) for key in WRITES):
        return (
            f"The write is read back. {'The part may be unplugged.' if plugged else f'{named(job.backup)} stays in the vault.'}"
        )
    return f"{named(job.backup or job.flex_backup)} is kept and read back. The part may be unplugged at any time."
