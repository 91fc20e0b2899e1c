"""The workshop: every use case of a job as one call, over one rig, one shop and one catalogue.

Each call takes a job as it stands and returns it as it is after; what was reached is kept before the call returns.
"""

from daruma.bench.doing import HandsLike
from daruma.bench.kinds import new_parts
from daruma.bench.testing import Testing
from daruma.bench.working import Survey
from daruma.core.job import Job


class Workshop(Testing):
    """Carry out use cases; used by one lane at a time for anything that touches the rig."""

    def confirm_trust(self, job: Job) -> None:
        """Let the stand-in owner confirm trust on the phone."""
        imei = self.rig.phone().state().imei
        self.by_hand(lambda hands: hands.do("confirm_trust", imei, new_parts(job)))

    def diagnostic_mode(self, job: Job) -> None:
        """Let the stand-in hands start the phone in its diagnostic mode; a technician has done it with their own."""
        self.by_hand(lambda hands: hands.do("diagnostic_mode", job.ticket.imei, new_parts(job)))


__all__ = ["HandsLike", "Survey", "Workshop"]
