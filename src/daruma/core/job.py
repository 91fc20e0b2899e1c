"""The job: ticket, run sheet, proofs and stages; a job holds when each promise carries its proof."""

import hashlib
from collections.abc import Iterable, Mapping
from enum import Enum
from typing import Any

from msgspec import Struct, field
from msgspec.structs import replace

from daruma.core.backup import KNOWN_BY
from daruma.core.closing import Ticked
from daruma.core.errors import Cause
from daruma.core.finishing import PartsPage
from daruma.core.heat.kept import HeatTrace
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.part_work import PartTicket, PartWork, T, W
from daruma.core.parts import Function, PartKind, Version
from daruma.core.plan.proofs import proven_by
from daruma.core.power.recording import Recording
from daruma.core.tri import Tri

KEPT_DAYS = 365  # that a closed job keeps its identifiers (ours; local law may ask for another period)


class Stage(Enum):
    """Name the stages of a job in their order."""

    INTAKE = "Intake"
    PLAN = "Plan"
    BENCH = "Bench"
    PROOF = "Proof"
    HAND_OVER = "Hand-over"


class Progress(Enum):
    """Say how a stage stands."""

    DONE = "done"
    HERE = "here"
    NOT_YET = "not yet"


class StepState(Enum):
    """Say how a step of the run sheet stands."""

    OPEN = "open"
    DONE = "done"
    FAILED = "failed"


PLAIN_FACTS = 3  # model, IMEI and system version come without trust


class Ticket(Struct, frozen=True):
    """Hold what intake writes down. Texts stay as typed, so that nothing typed is lost.

    `parts` are those on the table, each as its own kind's ticket has it; one that is not there stays as it is.
    """

    model: str = ""
    imei: str = ""
    system: str = ""
    complaint: str = ""
    promised: tuple[Function, ...] = ()
    before: Mapping[Function, Tri] = field(default_factory=dict)
    parts: Mapping[PartKind, Any] = field(default_factory=dict)

    def of(self, kind: type[T]) -> T:
        """Return what the ticket says of a part; what its kind says without a word where it is not on the table."""
        found = self.parts.get(kind.KIND)
        return found if isinstance(found, kind) else kind()

    def having(self, *parts: PartTicket) -> "Ticket":
        """Return the ticket with parts on the table, in place of what it said of them."""
        return replace(self, parts={**self.parts, **{part.KIND: part for part in parts}})

    def without(self, kind: PartKind) -> "Ticket":
        """Return the ticket with a part taken off the table."""
        return replace(self, parts={there: part for there, part in self.parts.items() if there is not kind})


class Step(Struct, frozen=True):
    """Hold one step of the run sheet and how it went."""

    action: str
    state: StepState = StepState.OPEN
    note: str = ""
    when: str = ""


class Reading(Struct, frozen=True):
    """Hold one colour measurement: XYZ in cd/m2 of the screen, and of the light that fell on the phone.

    `uv` is the standard uncertainty of its own instrument as a distance in u'v'.
    """

    light: str
    screen: tuple[float, float, float]
    ambient: tuple[float, float, float]
    when: str
    instrument: str
    uv: float = 0.0


class Outcome(Struct, frozen=True):
    """Hold how one try of a step went, and why."""

    action: str
    good: bool
    cause: Cause = Cause.STEP

    @property
    def tells(self) -> bool:
        """Return whether it says how often the step goes well: a pulled cable or an old firmware does not."""
        return self.cause is Cause.STEP


class Proof(Struct, frozen=True):
    """Hold the evidence for one promised function, with its verdict; `overtaken` when the display was worked on after it.

    `parts` are the dies of the parts it was taken on, `sheet` the digest of the bench work that was done by then: it
    stands for these and no others.
    """

    function: Function
    proven: bool
    summary: str
    numbers: tuple[tuple[str, str], ...] = ()
    readings: tuple[Reading, ...] = ()
    when: str = ""
    uncertainty: float = 0.0
    overtaken: bool = False
    parts: tuple[str, ...] = ()
    sheet: str = ""


class Job(Struct, frozen=True):
    """Hold one job as it stands; `parts` is what was done with each of its parts, each as its own kind has it.

    `recordings` are those of its charging cable, `heats` the temperatures at its soldering steps, `closing` what was
    done in closing it up, `pages` the phone's parts page before its parts were finished and after each of them, `standins` the
    simulated devices that took part: what was proven with one is proven of no real phone.
    `uid` is what the job is known by, its number and name are for reading; `revision` counts its saves. Backups are
    remembered by reference: name and digest.
    """

    number: int
    opened: str
    ticket: Ticket = Ticket()
    way: str = ""
    steps: tuple[Step, ...] = ()
    phone: Mapping[str, str] = field(default_factory=dict)
    readings: tuple[Reading, ...] = ()
    proofs: tuple[Proof, ...] = ()
    closed: str = ""
    outcomes: tuple[Outcome, ...] = ()
    parts: Mapping[PartKind, Any] = field(default_factory=dict)
    uid: str = ""
    revision: int = 0
    recordings: tuple[Recording, ...] = ()
    heats: tuple[HeatTrace, ...] = ()
    closing: tuple[Ticked, ...] = ()
    pages: tuple[PartsPage, ...] = ()
    standins: tuple[str, ...] = ()

    @property
    def name(self) -> str:
        """Return the job's number as it is written."""
        return job_name(self.number)

    @property
    def ref(self) -> str:
        """Return how others remember the job: its name for reading, and the identity by which it is found."""
        return f"{self.name}{KNOWN_BY}{self.uid}"

    def owns(self, owner: str) -> bool:
        """Return whether a backup that names its owner so is of this job; those of before identities name it alone."""
        return owner.partition(KNOWN_BY)[2] == self.uid if KNOWN_BY in owner else owner == self.name

    def of(self, kind: type[W]) -> W:
        """Return what was done with a part; nothing yet where the job has none of its kind."""
        found = self.parts.get(kind.KIND)
        return found if isinstance(found, kind) else kind()

    def having(self, *works: PartWork) -> "Job":
        """Return the job with work on parts, in place of what was known of it."""
        return replace(self, parts={**self.parts, **{work.KIND: work for work in works}})

    def with_standins(self, kinds: Iterable[str]) -> "Job":
        """Return the job with further simulated devices that took part: what was marked once stays so."""
        fresh = sorted(set(kinds) - set(self.standins))
        return replace(self, standins=(*self.standins, *fresh)) if fresh else self

    @property
    def file_name(self) -> str:
        """Return what files of the job's readings begin with: what stand-ins gave is not to be taken for real."""
        return f"{self.name}-practice" if self.standins else self.name

    def with_ticket(self, *parts: PartTicket) -> "Job":
        """Return the job with parts on its ticket, in place of what that said of them."""
        return replace(self, ticket=self.ticket.having(*parts))

    def system_of(self, model: Model) -> Version:
        """Return the ticket's system version, the model's first where none can be read."""
        try:
            return Version.parse(self.ticket.system)
        except ValueError:
            return model.first_system

    @property
    def trusted(self) -> bool:
        """Return whether the phone has told the bench what it tells only where its owner has confirmed trust."""
        return len(self.phone) > PLAIN_FACTS

    def seen(self, kind: PartKind) -> str:
        """Return the die of the part of a kind that the job fits, as far as it is known: seen, else by the ticket."""
        work: PartWork | None = self.parts.get(kind)
        ticket: PartTicket | None = self.ticket.parts.get(kind)
        return (work.die if work is not None else "") or (ticket.die if ticket is not None else "")

    def has_changed(self, kind: PartKind) -> bool:
        """Return whether another new part of a kind is on the ticket than the one that was worked on."""
        work, ticket = self.parts.get(kind), self.ticket.parts.get(kind)
        return bool(work is not None and work.die and ticket is not None and ticket.die not in ("", work.die))

    @property
    def dies(self) -> tuple[str, ...]:
        """Return the dies of the parts that a proof taken now would be of: those on the ticket, those worked on."""
        kinds = (kind for kind in PartKind if kind in self.parts or kind in self.ticket.parts)
        held = ((self.ticket.parts.get(kind), self.parts.get(kind)) for kind in kinds)
        return tuple(dict.fromkeys(part.die for pair in held for part in pair if part is not None and part.die))

    @property
    def sources(self) -> tuple[str, ...]:
        """Return the backups that the job's parts are written from, by reference."""
        return tuple(self.parts[kind].source for kind in PartKind if kind in self.parts and self.parts[kind].source)

    @property
    def sheet(self) -> str:
        """Return the digest of the bench work done so far: what a proof taken now would rest on."""
        done = [f"{s.action} {s.when}" for s in self.bench_steps if s.state is StepState.DONE]
        return hashlib.sha256("\n".join(done).encode()).hexdigest()[:16]

    def basis(self, kind: PartKind) -> str:
        """Return what a measurement taken now for a proof is of: the part of a kind that is fitted, and the work done so far."""
        return f"{self.seen(kind)} {self.sheet}"

    def evidence(self, kind: type[W]) -> W:
        """Return the work on a part with those measurements alone that are of what is fitted now, and of the work as it is."""
        work = self.of(kind)
        return work if work.of == self.basis(kind.KIND) else work.unmeasured()

    @property
    def bench_steps(self) -> tuple[Step, ...]:
        """Return the steps that are work at the bench, proofs left out."""
        return tuple(step for step in self.steps if proven_by(step.action) is None)

    @property
    def bench_open(self) -> tuple[Step, ...]:
        """Return the bench steps that are not done."""
        return tuple(step for step in self.bench_steps if step.state is not StepState.DONE)

    def stands(self, proof: Proof) -> bool:
        """Return whether a proof is of the parts and the bench work as they are now."""
        return not proof.overtaken and proof.parts == self.dies and proof.sheet == self.sheet

    def proof(self, function: Function) -> Proof | None:
        """Return the latest proof of a function that stands."""
        return next((proof for proof in reversed(self.proofs) if proof.function is function and self.stands(proof)), None)

    def is_proven(self, function: Function) -> bool:
        """Return whether a function carries its proof."""
        proof = self.proof(function)
        return proof is not None and proof.proven

    @property
    def all_proven(self) -> bool:
        """Return whether every promise carries its proof and no bench work is open: the second eye."""
        promised = self.ticket.promised
        return bool(promised) and not self.bench_open and all(self.is_proven(function) for function in promised)

    @property
    def all_tested(self) -> bool:
        """Return whether every promise was tested, whatever came of it."""
        return bool(self.ticket.promised) and all(self.proof(function) is not None for function in self.ticket.promised)

    @property
    def current_step(self) -> int | None:
        """Return the index of the first step that is not done."""
        return next((i for i, step in enumerate(self.steps) if step.state is not StepState.DONE), None)

    def with_step(self, index: int, state: StepState, note: str, when: str) -> "Job":
        """Return the job with one step settled."""
        step = replace(self.steps[index], state=state, note=note, when=when)
        return replace(self, steps=(*self.steps[:index], step, *self.steps[index + 1 :]))

    def with_outcome(self, action: str, good: bool, cause: Cause = Cause.STEP) -> "Job":
        """Return the job with the outcome of one try noted: what the shop's odds are learnt from."""
        return replace(self, outcomes=(*self.outcomes, Outcome(action, good, cause)))

    def with_proof(self, proof: Proof) -> "Job":
        """Return the job with a proof added that was taken on its parts as they are now; earlier ones stay."""
        return replace(self, proofs=(*self.proofs, replace(proof, parts=self.dies, sheet=self.sheet)))


def is_done(job: Job, action: str) -> bool:
    """Return whether a step of the run sheet is done."""
    return any(step.action == action and step.state is StepState.DONE for step in job.steps)


def job_name(number: int) -> str:
    """Return a job's name by its number."""
    return f"J-{number:04d}"


def stages(job: Job, faults: Mapping[str, str]) -> tuple[tuple[Stage, Progress, str], ...]:
    """Return every stage with how it stands and, where not yet, why not."""
    bench = job.bench_steps
    gates = (
        (Stage.INTAKE, not faults, tr("ticket: {next}", next=next(iter(faults.values()), ""))),
        (Stage.PLAN, bool(job.steps), tr("no way is chosen")),
        (Stage.BENCH, bool(bench) and not job.bench_open, tr("steps are open at the bench")),
        (Stage.PROOF, job.all_proven, tr("a promise has no proof yet")),
        (Stage.HAND_OVER, bool(job.closed), tr("not handed over")),
    )
    result: list[tuple[Stage, Progress, str]] = []
    reason = ""
    for stage, done, why in gates:
        if reason:
            result.append((stage, Progress.NOT_YET, reason))
        elif done:
            result.append((stage, Progress.DONE, ""))
        else:
            result.append((stage, Progress.HERE, why))
            reason = why
    return tuple(result)


def stage_of(job: Job, faults: Mapping[str, str]) -> Stage:
    """Return the stage a job is at."""
    for stage, progress, _ in stages(job, faults):
        if progress is Progress.HERE:
            return stage
    return Stage.HAND_OVER


def waits_for(job: Job, faults: Mapping[str, str]) -> str:
    """Return in a few words what the job waits for."""
    if job.closed:
        return tr("handed over")
    match stage_of(job, faults):
        case Stage.INTAKE:
            return tr("ticket to be completed")
        case Stage.PLAN:
            return tr("a way to be chosen")
        case Stage.BENCH:
            failed = any(step.state is StepState.FAILED for step in job.steps)
            return tr("a decision: a step failed") if failed else tr("the bench")
        case Stage.PROOF:
            return tr("proof")
        case Stage.HAND_OVER:
            return "hand-over"
