"""The display's variables in the planner's state, and the conditions that several of its actions share."""

from daruma.core.language import tr
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
    REFUSES = tr("another maker's record was tried in vain")
    CHIP = "chip"
    OWN_CHIP = "own_chip"
    BINDING = "binding"
    PAID = "paid"


class PanelVal(Named):
    """Name a value of the display's variables."""

    # the socket
    EMPTY = "empty"
    ORIGINAL = tr("the original")
    NEW = tr("the new panel")
    # the original
    THERE = "there"
    GONE = "gone"
    # a panel's record
    OWN = tr("its own, complete")
    PARTIAL = tr("its own, incomplete")
    BLANK = tr("never set")
    BOARDS = tr("the board's, complete")
    BOARDS_PARTIAL = tr("the board's, incomplete")
    MIXED = tr("the board's serial, its own chip's code")
    MIXED_PARTIAL = tr("the board's serial, its own chip's code, incomplete")
    COPIED = tr("its own serial, the moved chip's code")
    # a calibration that is known
    FITTING = tr("of a panel by the new one's maker")
    # the touch chip
    ON_ORIGINAL = tr("on the original")
    LOOSE = "loose"
    ON_NEW = tr("on the new panel")
    # what the board binds to
    TO_ORIGINAL = tr("to the original")
    TO_PANEL = tr("to the new panel")
    # a donor panel
    UNASKED = tr("not asked")
    CLEAN = "clean"
    BAD = tr("locked or its touch flex replaced")
    # the panels there are, the one in hand first
    FIRST = tr("the panel in hand")
    SECOND = tr("the second panel")
    THIRD = tr("the third panel")
    FIRST_LOST = tr("the panel in hand, lost")
    SECOND_LOST = tr("the second panel, lost")
    THIRD_LOST = tr("the third panel, lost")


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
    otherwise=tr("the loose touch chip is to be soldered first"),
    order=True,
)
SOCKET_EMPTY = needs(PanelVar.SOCKET, PanelVal.EMPTY, otherwise=tr("the socket must be empty"))
OFF_SOCKET = needs(PanelVar.SOCKET, PanelVal.EMPTY, PanelVal.ORIGINAL, otherwise=tr("the new panel must be off the socket"))
NO_CODES = needs(PanelVar.SERIAL, Val.NO, otherwise=tr("the codes are known already"), moot=True)
OWN_CHIP = needs(PanelVar.OWN_CHIP, Val.YES, otherwise=tr("the new panel has no chip of its own"))
MOVED_CHIP = needs(PanelVar.CHIP, PanelVal.ON_NEW, otherwise=tr("the original touch chip is not on the new panel"))


def variant_of(value: PanelVal) -> str:
    """Return what marks the actions on a panel; those on the one in hand have no mark."""
    return "" if value is PanelVal.FIRST else value.name.lower()
