"""The facts of a front camera that the planner starts from, its variables and their values."""

from dataclasses import dataclass

from daruma.core.finishing import Origin
from daruma.core.kinds.front_camera.work import FrontState, Sign
from daruma.core.plan.state import Named


@dataclass(frozen=True, slots=True)
class FrontFacts:
    """Hold what is known of a phone's front camera; `kept` says that an earlier backup of its own one is in the vault."""

    state: FrontState = FrontState.OWN
    sign: Sign = Sign.NO_FOCUS
    origin: Origin = Origin.NEW
    kept: bool = False


class FrontVar(Named):
    """Name a variable of the front camera."""

    CAMERA = "front_camera"
    DATA = "front_camera_data"
    BINDING = "front_camera_binding"
    NEW = "new_front_camera"
    HOLDER = "front_camera_holder"
    FLASHED = "system_flashed"


class FrontVal(Named):
    """Name a value of the front camera's variables."""

    SOUND = "the original, sound"
    BROKEN = "the original, broken"
    FOREIGN = "another one, never bound"
    UNSURE = "a camera that is broken, or a board that runs none"
    BOARD = "a board that runs no camera"
    PROGRAMMED = "a new one with the original's data"
    GENUINE = "a genuine one that is not finished"
    FINISHED = "a genuine one, finished"
    SOLDERED = "with a programmable flex"
    READ = "with a flex that answers"
    OLD = "the original camera"
    ON_HOLDER = "the new camera"
    EMPTY = "empty"
