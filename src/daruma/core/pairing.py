"""The pairing model: for each function whether it holds, does not, or cannot be known yet, and why.

One table of rules serves the plan view, the planner and the simulated phone alike.
"""

from collections.abc import Mapping
from enum import Enum

from msgspec import Struct, field

from daruma.core.language import inner, tr
from daruma.core.model import Model
from daruma.core.parts import CARRIER, IDENTITY_LABEL, PART_LABEL, Function, Identity, PartKind, Version
from daruma.core.tri import Tri, all_of, any_of


class Condition(Enum):
    """Name a fact that is no equality but decides a function too."""

    PANEL_CALIBRATION = "panel_calibration"
    BRIGHTNESS_CURVE = "brightness_curve"
    TOUCH_CHIP_SOUND = "touch_chip_sound"
    SENSOR_FLEX_SOUND = "sensor_flex_sound"
    DISPLAY_FINISHED = "display_finished"
    DOT_MAP_READABLE = "dot_map_readable"
    LINK_LINES_NORMAL = "link_lines_normal"
    CELL_SOUND = "cell_sound"
    GAUGE_ANSWERS = "gauge_answers"
    BATTERY_FINISHED = "battery_finished"
    FLASHED_AFTER_SWAP = "flashed_after_swap"
    SWEEP_DONE = "sweep_done"
    MOTOR_SOUND = "motor_sound"


CONDITION_TEXT = {
    Condition.PANEL_CALIBRATION: (tr("the colour calibration is intact"), tr("the panel carries no intact colour calibration")),
    Condition.BRIGHTNESS_CURVE: (
        tr("the brightness curve is complete"),
        tr("the panel's brightness curve is missing or incomplete"),
    ),
    Condition.TOUCH_CHIP_SOUND: (tr("a sound touch chip is present"), tr("no sound touch chip is on the panel")),
    Condition.SENSOR_FLEX_SOUND: (tr("the front sensor flex is sound"), tr("the front sensor flex is worn or torn")),
    Condition.DISPLAY_FINISHED: (tr("the phone has finished this display"), tr("the phone has not finished this display")),
    Condition.DOT_MAP_READABLE: (tr("the dot map can be read"), tr("the dot map cannot be read")),
    Condition.LINK_LINES_NORMAL: (tr("the link lines read normal"), tr("a link line reads abnormal")),
    Condition.CELL_SOUND: (tr("the cell holds its charge"), tr("the cell is worn")),
    Condition.GAUGE_ANSWERS: (tr("the gauge authenticates"), tr("the gauge does not authenticate")),
    Condition.BATTERY_FINISHED: (tr("the phone has finished this battery"), tr("the phone has not finished this battery")),
    Condition.FLASHED_AFTER_SWAP: (tr("the system was flashed after the swap"), tr("the system was not flashed after the swap")),
    Condition.SWEEP_DONE: (tr("the sweep is done"), tr("the sweep is not done")),
    Condition.MOTOR_SOUND: (tr("the motor is sound"), tr("the motor is not sound")),
}

CONDITION_PART = {
    Condition.PANEL_CALIBRATION: PartKind.DISPLAY,
    Condition.BRIGHTNESS_CURVE: PartKind.DISPLAY,
    Condition.TOUCH_CHIP_SOUND: PartKind.DISPLAY,
    Condition.DISPLAY_FINISHED: PartKind.DISPLAY,
    Condition.SENSOR_FLEX_SOUND: PartKind.SENSOR_FLEX,
    Condition.DOT_MAP_READABLE: PartKind.FACE_MODULE,
    Condition.LINK_LINES_NORMAL: PartKind.FACE_MODULE,
    Condition.CELL_SOUND: PartKind.BATTERY,
    Condition.GAUGE_ANSWERS: PartKind.BATTERY,
    Condition.BATTERY_FINISHED: PartKind.BATTERY,
    Condition.FLASHED_AFTER_SWAP: PartKind.FRONT_CAMERA,
    Condition.SWEEP_DONE: PartKind.REAR_CAMERA,
    Condition.MOTOR_SOUND: PartKind.MOTOR,
}


class Facts(Struct, frozen=True):
    """Hold what is known of a phone and the parts in it.

    `expected` and `carried` leave out what is unknown; None in `carried` says that the part is there and carries
    nothing. `conditions` leaves out what is unknown. `expected` is what the board itself said; `believed` what a backup
    says that it expects, where the board does not tell.
    """

    model: Model
    system: Version
    expected: Mapping[Identity, str] = field(default_factory=dict)
    carried: Mapping[Identity, str | None] = field(default_factory=dict)
    conditions: Mapping[Condition, bool] = field(default_factory=dict)
    believed: Mapping[Identity, str] = field(default_factory=dict)


class ThreadState(Struct, frozen=True):
    """Hold one equality: what the board expects, what the part carries, whether they are the same; `believed` is what a
    backup says of it, where the board does not.
    """

    identity: Identity
    expected: str | None
    carried: str | None
    whole: Tri
    believed: str | None = None

    @property
    def carrier(self) -> PartKind:
        """Return the part kind at the thread's other end."""
        return CARRIER[self.identity]

    def reason(self) -> str:
        """Return the thread's state as a clause."""
        name = inner(IDENTITY_LABEL[self.identity])
        match self.whole:
            case Tri.YES:
                return tr("the {name} is the one the board expects", name=name)
            case Tri.UNKNOWN if self.believed is not None and self.carried is not None:
                agrees = tr("is") if self.carried == self.believed else tr("is not")
                return tr("the {name} {agrees} that of the backup, the board does not tell its own", name=name, agrees=agrees)
            case Tri.UNKNOWN:
                side = tr("the board's") if self.expected is None else tr("the part's")
                return tr("{side} {name} is not known yet", side=side, name=name)
            case Tri.NO:
                if self.carried is None:
                    return tr("the {part} carries no {name}", part=inner(PART_LABEL[self.carrier]), name=name)
                return tr("the {name} is not the one the board expects", name=name)


class ConditionState(Struct, frozen=True):
    """Hold one condition and whether it is met."""

    condition: Condition
    met: Tri

    def reason(self) -> str:
        """Return the condition's state as a clause."""
        good, bad = CONDITION_TEXT[self.condition]
        match self.met:
            case Tri.YES:
                return good
            case Tri.NO:
                return bad
            case Tri.UNKNOWN:
                return tr("it is not known yet whether {good}", good=good)


class Alternative(Struct, frozen=True):
    """Name the threads and conditions that together are enough for a function."""

    threads: tuple[Identity, ...] = ()
    conditions: tuple[Condition, ...] = ()


class Verdict(Struct, frozen=True):
    """Hold whether a function holds, what it rests on, and why in one sentence."""

    function: Function
    holds: Tri
    threads: tuple[ThreadState, ...]
    conditions: tuple[ConditionState, ...]
    reason: str


def requirements(function: Function, model: Model, system: Version) -> tuple[Alternative, ...]:
    """Return the alternatives of which one must be met; one empty alternative means: always."""
    if function is Function.NO_DISPLAY_NOTICE:
        if not model.display_notice:
            return (Alternative(),)
        return (Alternative(threads=model.era(system).notice_checks), Alternative(conditions=(Condition.DISPLAY_FINISHED,)))
    if function is Function.AMBIENT_WHITE:
        camera = (Identity.FRONT_CAMERA_SERIAL,) if model.ambient_white_needs_front_camera else ()
        return (
            Alternative(
                (Identity.DISPLAY_SERIAL, Identity.AMBIENT_CODE, *camera),
                (Condition.PANEL_CALIBRATION, Condition.SENSOR_FLEX_SOUND),
            ),
        )
    if function is Function.FRONT_CAMERA:
        flashed = (Condition.FLASHED_AFTER_SWAP,) if model.reflash_after_camera else ()
        return (Alternative((Identity.FRONT_CAMERA_SERIAL,), flashed),)
    return _FIXED[function]


_BATTERY = (
    Alternative((Identity.GAUGE_SERIAL,), (Condition.GAUGE_ANSWERS,)),
    Alternative(conditions=(Condition.BATTERY_FINISHED, Condition.GAUGE_ANSWERS)),
)
_FIXED = {
    Function.AUTO_BRIGHTNESS: (Alternative((Identity.AMBIENT_CODE,), (Condition.BRIGHTNESS_CURVE, Condition.SENSOR_FLEX_SOUND)),),
    Function.TOUCH: (Alternative(conditions=(Condition.TOUCH_CHIP_SOUND,)),),
    Function.FACE_UNLOCK: (
        Alternative(
            (Identity.IR_CAMERA_SERIAL, Identity.FLOOD_SERIAL, Identity.PROJECTOR_SERIAL, Identity.FLEX_ID),
            (Condition.DOT_MAP_READABLE, Condition.LINK_LINES_NORMAL, Condition.SENSOR_FLEX_SOUND),
        ),
    ),
    Function.BATTERY_RUNS: (Alternative(conditions=(Condition.CELL_SOUND,)),),
    Function.BATTERY_HEALTH: _BATTERY,
    Function.NO_BATTERY_NOTICE: _BATTERY,
    Function.REAR_CAMERA_FINISHED: (Alternative((Identity.REAR_CAMERA_SERIAL,), (Condition.SWEEP_DONE,)),),
    Function.HAPTICS: (Alternative(conditions=(Condition.MOTOR_SOUND,)),),
}


def thread(facts: Facts, identity: Identity) -> ThreadState:
    """Return one thread's state from the facts."""
    expected = facts.expected.get(identity)
    carried = facts.carried.get(identity)
    if identity in facts.carried and carried is None:
        whole = Tri.NO
    elif expected is None or carried is None:
        whole = Tri.UNKNOWN
    else:
        whole = Tri.of(expected == carried)
    return ThreadState(identity, expected, carried, whole, facts.believed.get(identity))


def evaluate(facts: Facts, function: Function) -> Verdict:
    """Decide one function from the facts."""
    alternatives = requirements(function, facts.model, facts.system)
    states = [
        (
            tuple(thread(facts, identity) for identity in alternative.threads),
            tuple(ConditionState(c, Tri.of(facts.conditions.get(c))) for c in alternative.conditions),
        )
        for alternative in alternatives
    ]
    holds = [all_of([*(t.whole for t in threads), *(c.met for c in conditions)]) for threads, conditions in states]
    overall = any_of(holds)
    decisive = holds.index(overall)
    threads, conditions = states[decisive]
    return Verdict(function, overall, threads, conditions, _sentence(overall, threads, conditions))


def evaluate_all(facts: Facts) -> dict[Function, Verdict]:
    """Decide every function that the model has."""
    return {function: evaluate(facts, function) for function in facts.model.functions}


def _sentence(holds: Tri, threads: tuple[ThreadState, ...], conditions: tuple[ConditionState, ...]) -> str:
    if not threads and not conditions:
        return tr("Holds: this model never checks it.")
    deciding = [t.reason() for t in threads if t.whole is holds] + [c.reason() for c in conditions if c.met is holds]
    opening = {Tri.YES: tr("Holds: "), Tri.NO: tr("Does not hold: "), Tri.UNKNOWN: tr("Cannot be known yet: ")}[holds]
    return opening + ("; ".join(deciding)) + "."
