"""What a ticket says of a front camera, where its sign leads, and what a job has done with one."""

from enum import Enum
from typing import ClassVar

from daruma.core.finishing import Origin
from daruma.core.language import tr
from daruma.core.optics.frames import Frame
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import Identity, PartKind

KIND = PartKind.FRONT_CAMERA
IDENTITIES = (Identity.FRONT_CAMERA_SERIAL,)


class FrontState(Enum):
    """Say how the front camera in the phone is."""

    OWN = "own"
    FOREIGN = "foreign"
    SOUND = "sound"
    UNSURE = "unsure"


class Sign(Enum):
    """Say by what sign a front camera is found wanting."""

    NO_FOCUS = "no_focus"
    FREEZES = "freezes"
    WHITE = "white"
    DEAD = "dead"


class Lead(Enum):
    """Say where a complaint leads."""

    CAMERA = "camera"
    DATA = "data"
    EITHER = "camera or board"
    NOWHERE = "nothing"


SIGN_LABEL = {
    Sign.NO_FOCUS: tr("no autofocus"),
    Sign.FREEZES: tr("the picture freezes"),
    Sign.WHITE: tr("white picture after recording"),
    Sign.DEAD: tr("dead, a black picture"),
}
TOLD = {
    FrontState.OWN: tr("its own, broken"),
    FrontState.FOREIGN: tr("another one, never bound"),
    FrontState.SOUND: tr("this phone's own, sound"),
    FrontState.UNSURE: tr("broken, nor did a new one work"),
}
# chances that a known-good camera works on the board, by the sign (ours)
BOARD_SOUND = {Sign.NO_FOCUS: 0.95, Sign.FREEZES: 0.8, Sign.WHITE: 0.85, Sign.DEAD: 0.7}


def lead(state: FrontState, sign: Sign) -> Lead:
    """Return where the complaint leads.

    Another one's data explain all but a dead picture; a lens that does not move is the camera's own fault.
    """
    match state:
        case FrontState.SOUND:
            return Lead.NOWHERE
        case FrontState.UNSURE:
            return Lead.EITHER
        case FrontState.FOREIGN:
            return Lead.EITHER if sign is Sign.DEAD else Lead.DATA
        case FrontState.OWN:
            return Lead.CAMERA if sign is Sign.NO_FOCUS else Lead.EITHER


class FrontTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the front camera: the one in the phone, its sign, where a genuine new one comes from."""

    KIND: ClassVar[PartKind] = KIND

    state: FrontState = FrontState.OWN
    sign: Sign = Sign.NO_FOCUS
    origin: Origin = Origin.NEW

    def nameless(self) -> "FrontTicket":
        return FrontTicket(state=self.state, sign=self.sign, origin=self.origin)


class FrontWork(PartWork, frozen=True):
    """Hold what was done with the front cameras of a job: what the frames of the new one have shown."""

    KIND: ClassVar[PartKind] = KIND
    SERIES: ClassVar[tuple[str, ...]] = ("frames",)

    frames: tuple[Frame, ...] = ()

    def nameless(self) -> "FrontWork":
        return FrontWork(frames=self.frames)
