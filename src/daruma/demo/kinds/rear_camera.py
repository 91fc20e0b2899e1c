"""The demo's rear cameras."""

import random
from typing import Any

from daruma.core.finishing import Origin
from daruma.core.kinds.rear_camera import RearState, RearTicket
from daruma.core.model import Model
from daruma.core.parts import Identity
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.finishing import unswept
from daruma.standin.kinds.rear_camera import KIND, RearCamera, made, recorded
from daruma.standin.world import Phone


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> RearCamera:
    """Return the rear camera that a phone left the factory with; one that is not finished came in later."""
    # a generator of its own: what else the scenario draws stays as it is
    rng = random.Random(f"rear/{phone.imei}")
    camera = made(f"Q{phone.imei}", model, rng)
    state = entry.get("rear_camera", "")
    serial = phone.board[Identity.REAR_CAMERA_SERIAL.value]
    if state == RearState.UNFINISHED.value:
        serial = f"{rng.getrandbits(48):012X}"
        phone.status[unswept(KIND)] = camera.die
    camera.memory = recorded(camera, model, serial, rng)
    camera.broken = state == RearState.BROKEN.value
    phone.stock[KIND.value] = entry.get("rear_camera_stock", "new")
    return camera


def ticket(entry: Entry, _: Any) -> RearTicket | None:
    """Return what intake writes down of the rear camera, where it is named."""
    if "rear_camera" not in entry:
        return None
    return RearTicket(state=RearState(entry["rear_camera"]), origin=Origin[entry.get("rear_camera_stock", "new").upper()])


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"rear_camera": RearState.BROKEN.value})
