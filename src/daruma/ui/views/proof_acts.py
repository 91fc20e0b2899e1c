"""What the main button at Proof does next: words and act, from what is known of job and page; no Qt."""

from collections.abc import Mapping
from enum import Enum, auto

from msgspec import Struct

from daruma.bench.kinds import proof_of
from daruma.core.colour.light_names import lamp_name
from daruma.core.colour.shots import REPEATS, brightness_shots, minutes, panel_shots
from daruma.core.job import Job
from daruma.core.kinds import promisable
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.language import tr
from daruma.core.measured import Measured
from daruma.core.parts import Function
from daruma.core.plan.spend import Spend

LIGHTS = ("warm", "cool")  # what a proof of the white needs at least


class Act(Enum):
    """Name what the main button does."""

    HAND_OVER = auto()
    GO_ON = auto()
    PROVE = auto()
    MEASURE_LIGHT = auto()
    MEASURE_BOTH = auto()
    MEASURE_PANEL = auto()
    TO_PANEL = auto()
    TUNE = auto()
    LOOK_AT_LIGHT = auto()


class NextAct(Struct, frozen=True):
    """Hold the act, the button's words, the light that it is about, how many readings to take (0: as usual)."""

    act: Act
    words: str
    light: str = ""
    repeats: int = 0


class Known(Struct, frozen=True):
    """Hold what the sheets say, as far as the button depends on it; the readings are how many would decide a verdict."""

    spend: Spend | None = None
    next_light: str = ""
    white_readings: int = 0
    level_readings: int = 0


def pages_of(function: Function) -> tuple[str, ...]:
    """Return the keys of the pages of evidence that show a function's proof."""
    return proof_of(function).pages if function in promisable() else ()


def missing_lights(job: Job) -> list[str]:
    """Return the lights that a proof of the white still needs."""
    seen = {reading.light for reading in job.readings}
    return [] if len(seen - set(LIGHTS)) >= 2 else [light for light in LIGHTS if light not in seen]


def next_promise(job: Job) -> Function | None:
    """Return the first promise without its proof."""
    return next((function for function in job.ticket.promised if not job.is_proven(function)), None)


def next_act(job: Job, function: Function, page: str, known: Known, labels: Mapping[Function, str]) -> NextAct:
    """Return what the main button does on a page of a promise."""
    if page == "panel":
        return _panel(job, known)
    if page == "sensor":
        light = known.next_light or LIGHTS[0]
        return NextAct(Act.LOOK_AT_LIGHT, tr("Measure under {light} light", light=lamp_name(light)), light)
    if job.all_proven:
        return NextAct(Act.HAND_OVER, tr("Go on to Hand-over"))
    if job.is_proven(function) and (after := next_promise(job)) is not None:
        return NextAct(Act.GO_ON, tr("Go on to {labels}", labels=labels[after]))
    if function is Function.AMBIENT_WHITE:
        return _white(job, known)
    if function is Function.AUTO_BRIGHTNESS:
        shots, often = brightness_shots(known.level_readings or REPEATS), known.level_readings
        if often:
            return NextAct(
                Act.PROVE,
                tr("Measure again, {often} readings a level, {minutes:.0f} min", often=often, minutes=minutes(shots)),
                repeats=often,
            )
        return NextAct(
            Act.PROVE, tr("Measure at {count_shots} levels, {minutes:.0f} min", count_shots=len(shots), minutes=minutes(shots))
        )
    return NextAct(Act.PROVE, proof_of(function).words)


def _white(job: Job, known: Known) -> NextAct:
    if missing := missing_lights(job):
        return NextAct(Act.MEASURE_LIGHT, tr("Measure under {missing} light", missing=lamp_name(missing[0])), missing[0])
    if often := known.white_readings:
        return NextAct(Act.MEASURE_BOTH, tr("Measure again, {often} readings a light", often=often), repeats=often)
    proof = job.proof(Function.AMBIENT_WHITE)
    if proof is not None and not proof.proven and not job.of(DisplayWork).measured.fields:
        return NextAct(Act.TO_PANEL, tr("Find out why: the panel sheet"))
    if proof is not None and not proof.proven and known.spend is Spend.YES:
        return NextAct(Act.TO_PANEL, tr("To the panel sheet: tuning is worth a write"))
    return NextAct(Act.MEASURE_BOTH, tr("Measure again under both lights"))


def _panel(job: Job, known: Known) -> NextAct:
    shots = panel_shots()
    fields = len(shots)
    if bad := sum(bool(taken.doubt) for taken in job.of(DisplayWork).measured.fields):
        return NextAct(Act.MEASURE_PANEL, tr("Repeat {bad} of {fields} fields", bad=bad, fields=fields))
    if left := fields_left(job.of(DisplayWork).measured):
        return NextAct(Act.MEASURE_PANEL, tr("Measure the {left} fields that are left", left=left))
    if known.spend is Spend.YES:
        return NextAct(Act.TUNE, tr("Keep the tuned record"))
    return NextAct(
        Act.MEASURE_PANEL, tr("Measure {fields} fields of the panel, {minutes:.0f} min", fields=fields, minutes=minutes(shots))
    )


def fields_left(measured: Measured) -> int:
    """Return how many fields of a panel session that was begun are left; a file's session is whole as it is."""
    begun = bool(measured.fields) and not measured.instrument.startswith("file ")
    return len(panel_shots()) - len(measured.fields) if begun else 0


def can_repeat(job: Job, page: str, act: Act) -> bool:
    """Return whether what the page shows can be measured again beside the main act."""
    measured = {
        "white": job.readings,
        "panel": job.of(DisplayWork).measured.fields,
        "brightness": job.of(DisplayWork).measured.levels,
    }
    measures = act in (Act.MEASURE_LIGHT, Act.MEASURE_BOTH, Act.MEASURE_PANEL, Act.LOOK_AT_LIGHT, Act.PROVE)
    return bool(measured.get(page)) and not measures
