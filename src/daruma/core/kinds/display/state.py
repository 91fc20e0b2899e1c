"""The display's variables in the planner's state, and the conditions that several of its actions share."""

from daruma.core.plan.state import Named, Val, needs


class PanelVar(Named):
    """Name a variable of the display: the original, the panels, the touch chips, the codes that are known."""

    SOCKET = "socket"
    ORIGINAL = "original"
    TRIED = "tried"
    SERIAL = "serial"
    COVER = "cover"
    CALIBRATION = "calibration"
    PANEL = "panel"
    DONOR = "donor"
    NEW_READ = "new_read"
    RECORD = "record"
    REFUSES = "another maker's record was tried in vain"
    CHIP = "chip"
    OWN_CHIP = "own_chip"
    BINDING = "binding"
    PAID = "paid"


class PanelVal(Named):
    """Name a value of the display's variables."""

    # the socket
    EMPTY = "empty"
    ORIGINAL = "the original"
    NEW = "the new panel"
    # the original
    THERE = "there"
    GONE = "gone"
    # a panel's record
    OWN = "its own, complete"
    PARTIAL = "its own, incomplete"
    BLANK = "never set"
    BOARDS = "the board's, complete"
    BOARDS_PARTIAL = "the board's, incomplete"
    MIXED = "the board's serial, its own chip's code"
    MIXED_PARTIAL = "the board's serial, its own chip's code, incomplete"
    COPIED = "its own serial, the moved chip's code"
    # a calibration that is known
    FITTING = "of a panel by the new one's maker"
    # the touch chip
    ON_ORIGINAL = "on the original"
    LOOSE = "loose"
    ON_NEW = "on the new panel"
    # what the board binds to
    TO_ORIGINAL = "to the original"
    TO_PANEL = "to the new panel"
    # a donor panel
    UNASKED = "not asked"
    CLEAN = "clean"
    BAD = "locked or its touch flex replaced"
    # the panels there are, the one in hand first
    FIRST = "the panel in hand"
    SECOND = "the second panel"
    THIRD = "the third panel"
    FIRST_LOST = "the panel in hand, lost"
    SECOND_LOST = "the second panel, lost"
    THIRD_LOST = "the third panel, lost"


PANELS = (PanelVal.FIRST, PanelVal.SECOND, PanelVal.THIRD)
LOST_PANEL = {
    PanelVal.FIRST: PanelVal.FIRST_LOST,
    PanelVal.SECOND: PanelVal.SECOND_LOST,
    PanelVal.THIRD: PanelVal.THIRD_LOST,
}
MIXED = (PanelVal.MIXED, PanelVal.MIXED_PARTIAL)
# one thing at a time: a loose chip is soldered before anything else is begun
CHIP_RESTS = needs(
    PanelVar.CHIP,
    *(PanelVal.ON_ORIGINAL, PanelVal.ON_NEW, Val.LOST),
    otherwise="the loose touch chip is to be soldered first",
    order=True,
)
SOCKET_EMPTY = needs(PanelVar.SOCKET, PanelVal.EMPTY, otherwise="the socket must be empty")
OFF_SOCKET = needs(PanelVar.SOCKET, PanelVal.EMPTY, PanelVal.ORIGINAL, otherwise="the new panel must be off the socket")
NO_CODES = needs(PanelVar.SERIAL, Val.NO, otherwise="the codes are known already", moot=True)
OWN_CHIP = needs(PanelVar.OWN_CHIP, Val.YES, otherwise="the new panel has no chip of its own")
MOVED_CHIP = needs(PanelVar.CHIP, PanelVal.ON_NEW, otherwise="the original touch chip is not on the new panel")


def variant_of(value: PanelVal) -> str:
    """Return what marks the actions on a panel; those on the one in hand have no mark."""
    return "" if value is PanelVal.FIRST else value.name.lower()
