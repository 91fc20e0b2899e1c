"""The simulated display panel, and how the phone reads its record."""

from typing import ClassVar

from msgspec import field

from daruma.core.errors import RecordError
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldRole, Record, decode
from daruma.standin.glass import Glass
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.DISPLAY


class Panel(Thing):
    """Simulate a display panel, perhaps with a touch chip.

    `white_xy` is the white the glass really shows at full drive (CIE 1931), whatever its record says; `glass` what else
    it is, that of the model where it is empty; `takes_other_makers` whether it takes a record of another maker's panel.
    """

    KIND: ClassVar[PartKind] = KIND

    white_xy: list[float] = field(default_factory=list)
    chip: str | None = None
    chip_genuine: bool = True
    genuine: bool = True
    own_chip: str | None = None
    locked: bool = False
    touch_flex_replaced: bool = False
    takes_other_makers: bool = False
    bound_before: bool = False
    connected: bool = False
    glass: Glass | None = None


def record_of(panel: Panel, model: Model) -> Record | None:
    """Return the panel's record as the phone reads it, or None where it makes no sense."""
    try:
        return decode(model.layout(KIND), bytes.fromhex(panel.memory))
    except RecordError:
        return None


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its display."""
    panel = world.fitted(phone, Panel)
    record = record_of(panel, model) if panel else None
    carried = {
        Identity.DISPLAY_SERIAL: record.identity(Identity.DISPLAY_SERIAL) if record else None,
        Identity.COVER_CODE: record.identity(Identity.COVER_CODE) if record else None,
        Identity.TOUCH_CHIP_ID: panel.chip if panel else None,
    }
    conditions = {
        Condition.TOUCH_CHIP_SOUND: bool(panel and panel.chip),
        Condition.PANEL_CALIBRATION: bool(record and record.complete(FieldRole.CALIBRATION)),
        Condition.BRIGHTNESS_CURVE: bool(record and record.sound("brightness_curve")),
    }
    return Seen(carried, conditions)
