"""The facts of a front camera that the planner starts from, its variables and their values."""

from msgspec import Struct

from daruma.core.finishing import Origin
from daruma.core.kinds.front_camera.work import FrontState, Sign
from daruma.core.language import tr
from daruma.core.plan.state import Named


class FrontFacts(Struct, frozen=True):
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

    SOUND = tr("the original, sound")
    BROKEN = tr("the original, broken")
    FOREIGN = tr("another one, never bound")
    UNSURE = tr("a camera that is broken, or a board that runs none")
    BOARD = tr("a board that runs no camera")
    PROGRAMMED = tr("a new one with the original's data")
    GENUINE = tr("a genuine one that is not finished")
    FINISHED = tr("a genuine one, finished")
    SOLDERED = tr("with a programmable flex")
    READ = tr("with a flex that answers")
    OLD = tr("the original camera")
    ON_HOLDER = tr("the new camera")
    EMPTY = "empty"
