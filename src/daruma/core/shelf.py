"""A part on the shelf: what it is, where it came from, what it has been through."""

from dataclasses import dataclass

from daruma.core.kinds.display.facts import PanelKind
from daruma.core.parts import PartKind


@dataclass(frozen=True, slots=True)
class ShelfPart:
    """Hold one spare part; `earlier_writes` are writes known from before this shop had it."""

    die: str
    model: str
    maker: str
    kind: PanelKind
    source: str
    price: float
    earlier_writes: int = 0
    note: str = ""
    used_in: str = ""
    part: PartKind = PartKind.DISPLAY
