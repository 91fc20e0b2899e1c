"""The simulated display."""

from daruma.core.parts import Function
from daruma.standin.kinds.display.finishing import finish, page
from daruma.standin.kinds.display.hands import HANDS, SLIPS, starts
from daruma.standin.kinds.display.panel import Panel, seen
from daruma.standin.kinds.display.screen import show_field
from daruma.standin.kinds.display.writing import readable, written
from daruma.standin.kinds.room import StandinRoom

ROOM = StandinRoom(
    Panel,
    seen=seen,
    hands=HANDS,
    sockets=("s40", "s44", "s52", "s56", "s58", "s64"),
    says=lambda panel: {"chip": panel.chip},
    readable=readable,
    written=written,
    slips=SLIPS,
    starts=starts,
    page=page,
    asked={"phone.field": show_field, "phone.finish": finish},
    # the switch is there; whether the white is right the phone cannot know
    hidden=frozenset({Function.AMBIENT_WHITE}),
)
