"""The job: ticket, run sheet, proofs and stages; a job holds when each promise carries its proof."""

import hashlib
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from enum import Enum

from daruma.core.backup import KNOWN_BY
from daruma.core.errors import Cause
from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.measured import Measured
from daruma.core.model import Model
from daruma.core.parts import Function, PartSelf, Version
from daruma.core.plan.proofs import proven_by
from daruma.core.serials import imei_fault
from daruma.core.tri import Tri


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


@dataclass(frozen=True, slots=True)
class Ticket:
    """Hold what intake writes down. Texts stay as typed, so that nothing typed is lost.

    `donor` says whether the new panel is free of locks and its touch flex its own; with `display_stays` there is none.
    """

    model: str = ""
    imei: str = ""
    system: str = ""
    complaint: str = ""
    original: OriginalState = OriginalState.UNTRIED
    chip: ChipPlace = ChipPlace.ON_ORIGINAL
    panel_kind: PanelKind = PanelKind.GENUINE_USED
    panel_maker: str = ""
    panel_source: str = ""
    panel_die: str = ""
    flex: FlexState = FlexState.SOUND
    donor: Tri = Tri.UNKNOWN
    paper_serial: str = ""
    display_stays: bool = False
    promised: tuple[Function, ...] = ()
    before: Mapping[Function, Tri] = field(default_factory=dict)


@dataclass(frozen=True, slots=True)
class Step:
    """Hold one step of the run sheet and how it went."""

    action: str
    state: StepState = StepState.OPEN
    note: str = ""
    when: str = ""


@dataclass(frozen=True, slots=True)
class Reading:
    """Hold one colour measurement: XYZ in cd/m2 of the screen, and of the light that fell on the phone.

    `uv` is the standard uncertainty of its own instrument as a distance in u'v'.
    """

    light: str
    screen: tuple[float, float, float]
    ambient: tuple[float, float, float]
    when: str
    instrument: str
    uv: float = 0.0


@dataclass(frozen=True, slots=True)
class Outcome:
    """Hold how one try of a step went, and why."""

    action: str
    good: bool
    cause: Cause = Cause.STEP

    @property
    def tells(self) -> bool:
        """Return whether it says how often the step goes well: a pulled cable or an old firmware does not."""
        return self.cause is Cause.STEP


@dataclass(frozen=True, slots=True)
class Proof:
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


@dataclass(frozen=True, slots=True)
class Decision:
    """Hold what a technician has decided of a part: to try a record of another maker's panel on it."""

    die: str
    maker: str
    when: str
    who: str = ""


@dataclass(frozen=True, slots=True)
class Job:
    """Hold one job as it stands; `tuned` is the backup that holds the record made for this very panel.

    `uid` is what the job is known by, its number and name are for reading; `revision` counts its saves. Backups are
    remembered by reference: name and digest.
    """

    number: int
    opened: str
    ticket: Ticket = Ticket()
    way: str = ""
    steps: tuple[Step, ...] = ()
    backup: str = ""
    target: PartSelf | None = None
    target_image: str = ""
    phone: Mapping[str, str] = field(default_factory=dict)
    readings: tuple[Reading, ...] = ()
    proofs: tuple[Proof, ...] = ()
    closed: str = ""
    outcomes: tuple[Outcome, ...] = ()
    flex_backup: str = ""
    measured: Measured = field(default_factory=Measured)
    tuned: str = ""
    decisions: tuple[Decision, ...] = ()
    uid: str = ""
    revision: int = 0

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

    def decided(self, die: str, maker: str) -> Decision | None:
        """Return the decision to try a maker's record on a part, if there is one."""
        return next((each for each in reversed(self.decisions) if (each.die, each.maker) == (die, maker)), None)

    @property
    def trusted(self) -> bool:
        """Return whether the phone has told the bench what it tells only where its owner has confirmed trust."""
        return len(self.phone) > PLAIN_FACTS

    @property
    def fitted(self) -> str:
        """Return the die of the panel that the job fits, as far as it is known."""
        return self.target.die if self.target is not None else self.ticket.panel_die

    @property
    def parts(self) -> tuple[str, ...]:
        """Return the dies of the parts that a proof taken now would be of: the panel on the ticket, the one worked on."""
        return tuple(dict.fromkeys(die for die in (self.ticket.panel_die, self.fitted) if die))

    @property
    def sheet(self) -> str:
        """Return the digest of the bench work done so far: what a proof taken now would rest on."""
        done = [f"{s.action} {s.when}" for s in self.bench_steps if s.state is StepState.DONE]
        return hashlib.sha256("\n".join(done).encode()).hexdigest()[:16]

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
        return not proof.overtaken and proof.parts == self.parts and proof.sheet == self.sheet

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
        return replace(self, proofs=(*self.proofs, replace(proof, parts=self.parts, sheet=self.sheet)))


def job_name(number: int) -> str:
    """Return a job's name by its number."""
    return f"J-{number:04d}"


def ticket_faults(ticket: Ticket, models: Mapping[str, Model]) -> dict[str, str]:
    """Return what keeps a ticket from being planned, by field name."""
    model = models.get(ticket.model)
    faults = {
        "model": "" if model else "choose the model",
        "imei": imei_fault(ticket.imei) or "",
        "system": _system_fault(ticket.system, model),
        "panel_maker": _maker_fault(ticket.panel_maker, model),
        "promised": "" if ticket.promised else "promise at least one function",
        "chip": "",
    }
    if ticket.original is OriginalState.MISSING and ticket.chip is ChipPlace.ON_ORIGINAL and not ticket.display_stays:
        faults["chip"] = "cannot be on a missing original"
    return {name: fault for name, fault in faults.items() if fault}


def _system_fault(typed: str, model: Model | None) -> str:
    if not typed.strip():
        return "missing: read the phone"
    try:
        version = Version.parse(typed)
    except ValueError:
        return "a version such as 4.6"
    if model and not model.first_system <= version <= model.last_system:
        return f"{model.name} ran {model.first_system} to {model.last_system}"
    return ""


def _maker_fault(typed: str, model: Model | None) -> str:
    if model is None or not typed or typed in model.makers:
        return ""
    return f"{model.name} has {' or '.join(model.makers)}"


def stages(job: Job, faults: Mapping[str, str]) -> tuple[tuple[Stage, Progress, str], ...]:
    """Return every stage with how it stands and, where not yet, why not."""
    bench = job.bench_steps
    gates = (
        (Stage.INTAKE, not faults, f"ticket: {next(iter(faults.values()), '')}"),
        (Stage.PLAN, bool(job.steps), "no way is chosen"),
        (Stage.BENCH, bool(bench) and not job.bench_open, "steps are open at the bench"),
        (Stage.PROOF, job.all_proven, "a promise has no proof yet"),
        (Stage.HAND_OVER, bool(job.closed), "not handed over"),
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
        return "handed over"
    match stage_of(job, faults):
        case Stage.INTAKE:
            return "ticket to be completed"
        case Stage.PLAN:
            return "a way to be chosen"
        case Stage.BENCH:
            failed = any(step.state is StepState.FAILED for step in job.steps)
            return "a decision: a step failed" if failed else "the bench"
        case Stage.PROOF:
            return "proof"
        case Stage.HAND_OVER:
            return "hand-over"
