"""What a panel makes of a write."""

from daruma.catalogue.loader import Catalogue
from daruma.core.model import Model
from daruma.core.parts import Version
from daruma.core.records import recognise
from daruma.standin.errors import No
from daruma.standin.kinds.display.panel import KIND, Panel
from daruma.standin.world import World

COMMIT = "write.commit"


def readable(world: World, panel: Panel, model: Model) -> bool:
    """Return whether the programmer's firmware reaches a panel's memory."""
    return Version.parse(world.firmware) >= model.programmer_firmware and panel.maker not in model.unreadable_makers


def written(world: World, panel: Panel, image: bytes, catalogue: Catalogue) -> None:
    """Count a write of a panel's life; refuse one past its limit, or another maker's record."""
    faults = world.faults
    if faults.take("limit_reached", COMMIT):
        panel.limit = panel.writes
    panel.writes += 1
    if panel.limit is not None and panel.writes > panel.limit:
        panel.answers = not faults.take("spent_write_kills", COMMIT)
        raise No("spent")
    if faults.take("foreign_maker", COMMIT) or _is_foreign(panel, image, catalogue):
        raise No("maker")


def _is_foreign(panel: Panel, image: bytes, catalogue: Catalogue) -> bool:
    if panel.takes_other_makers:
        return False
    for layout in recognise(catalogue.layouts(KIND), image):
        spec = layout.field("panel_maker")
        written_maker = image[spec.offset : spec.end].rstrip(b"\x00 \xff").decode("ascii", errors="replace")
        if written_maker and written_maker != panel.maker:
            return True
    return False
