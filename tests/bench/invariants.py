"""What must hold whatever failed: stated once, checked after every run of the fault and kill tests.

The truth about parts comes over the wire from the stand-ins, which note what really happened to them.
"""

from collections import Counter
from collections.abc import Iterable
from dataclasses import dataclass, field

from daruma.core.acts import Act, ActKind, ActState
from daruma.core.job import Job, StepState
from daruma.core.kinds.display.steps import WRITES
from daruma.core.parts import PartKind
from daruma.demo.hands import Hands
from daruma.store.shop import Shop
from tests.parts import some, work_of


@dataclass
class Invariants:
    """Watch one shop and one simulated bench; `hands` may be exchanged when the stand-ins were started again."""

    shop: Shop
    hands: Hands
    _kept: set[str] = field(default_factory=set)
    _acts: int = 0
    _events: int = 0
    _before: dict[str, int] = field(default_factory=dict)

    def check(self) -> None:
        """Assert every invariant; raise AssertionError with the one that does not hold."""
        acts, jobs = list(self.shop.journal.all()), self.shop.jobs.all()
        events = self.hands.events()
        self._no_backup_is_lost()
        self._journal_only_grows(acts)
        self._every_write_is_counted(events)
        self._nothing_happened_unknown(acts, events)
        self._nothing_was_done_without_interlocks(acts)
        self._what_is_called_done_is_on_the_part(acts)
        self._what_is_open_is_in_doubt(acts)
        self._jobs_can_be_read_and_say_what_the_journal_says(jobs, acts)
        self._nothing_is_shown_as_proven_that_is_not(jobs)

    def _no_backup_is_lost(self) -> None:
        seen, faults = self.shop.vault.check()
        assert faults == (), "the vault checks clean"
        now = {backup.sha256 for backup in self.shop.vault.find()}
        assert self._kept <= now, "every backup that was ever kept is there"
        assert len(now) == seen
        self._kept = now

    def _journal_only_grows(self, acts: list[Act]) -> None:
        assert len(acts) >= self._acts, "no act is forgotten"
        self._acts = len(acts)

    def _every_write_is_counted(self, events: list[tuple[str, str, str]]) -> None:
        assert len(events) >= self._events
        self._events = len(events)
        for die in {thing for what, thing, _ in events if what == "write"}:
            real = sum(what == "write" and thing == die for what, thing, _ in events)
            assert self.shop.journal.writes(die) >= real, "every write that a part took is counted"

    def _nothing_happened_unknown(self, acts: list[Act], events: list[tuple[str, str, str]]) -> None:
        sent = [act for act in acts if act.state is not ActState.NOT_SENT]
        known = Counter((act.kind.value, act.die, act.digest) for act in sent if act.kind is ActKind.WRITE)
        happened = Counter(event for event in events if event[0] == "write")
        assert happened <= known, "no write happened without its intent, and none more often than it was intended"
        for kind in (ActKind.UNBIND, ActKind.FINISH, ActKind.FIRMWARE):
            real = sum(what == kind.value for what, _, _ in events)
            assert real <= sum(act.kind is kind for act in sent), f"no {kind.value} happened without its intent"

    @staticmethod
    def _nothing_was_done_without_interlocks(acts: list[Act]) -> None:
        for act in acts:
            # the demo's own earlier acts were made without a bench
            assert act.evidence or act.digest == "", "every act has its interlocks with it"
            assert all(label and said for label, said in act.evidence)

    def _what_is_called_done_is_on_the_part(self, acts: list[Act]) -> None:
        last = {act.die: act for act in sorted(acts, key=lambda act: act.number) if act.kind is ActKind.WRITE and act.digest}
        for die, act in last.items():
            truth = self.hands.look(die)
            if act.state is ActState.DONE and truth:
                assert truth["digest"] == act.digest, "what the journal calls done is on the part"

    def _what_is_open_is_in_doubt(self, acts: list[Act]) -> None:
        open_acts = {act.number for act in acts if act.state is ActState.IN_DOUBT}
        assert open_acts == {act.number for act in self.shop.journal.in_doubt()}
        assert open_acts == {act.number for act in self.shop.journal.left_in_doubt()}, "nobody works on it any more"

    def _jobs_can_be_read_and_say_what_the_journal_says(self, jobs: Iterable[Job], acts: list[Act]) -> None:
        for job in jobs:
            if work_of(job).source:
                content = self.shop.vault.get(work_of(job).source).content
                assert (content.imei, content.model) == (job.ticket.imei, job.ticket.model), "no job names another's backup"
            if self._says_written(job):
                die = some(work_of(job).target).die
                sent = [act for act in acts if act.job == job.uid and act.die == die and act.state is not ActState.NOT_SENT]
                # a device may deny what it wrote all the same, or write besides: then the part was read, and that is said
                read = any("already" in step.note for step in job.steps) and work_of(job).image == self.hands.look(die)["memory"]
                assert read or any(act.state is ActState.DONE for act in sent), "a step that is ticked has its settled act"

    @staticmethod
    def _nothing_is_shown_as_proven_that_is_not(jobs: Iterable[Job]) -> None:
        for job in jobs:
            if job.all_proven:
                assert not job.bench_open
                for function in job.ticket.promised:
                    proof = some(job.proof(function))
                    assert proof.proven
                    assert job.seen(PartKind.DISPLAY) in ("", *proof.parts), "a proof is of the part that is fitted"
            elif job.closed:
                assert all(job.proof(function) for function in job.ticket.promised), "nothing is handed over untested"

    @staticmethod
    def _says_written(job: Job) -> bool:
        written = any(step.action in WRITES and step.state is StepState.DONE for step in job.steps)
        return written and work_of(job).target is not None
