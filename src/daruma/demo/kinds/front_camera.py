"""The demo's front cameras."""

import random
from typing import Any

from daruma.core.finishing import Origin
from daruma.core.kinds.front_camera.work import FrontState, FrontTicket, Sign
from daruma.core.model import Model
from daruma.core.parts import Identity
from daruma.core.records import FieldValue, encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.front_camera import KIND, FrontCamera, calibrated, made
from daruma.standin.world import Phone


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> FrontCamera:
    """Return the front camera that a phone left the factory with."""
    layout, serial = model.layout(KIND), Identity.FRONT_CAMERA_SERIAL.value
    # a generator of its own: what else the scenario draws stays as it is
    rng = random.Random(f"front/{phone.imei}")
    camera = made(f"J{phone.imei}", model, rng)
    signed: dict[str, FieldValue] = {"signature": layout.field("signature").constant, serial: phone.board[serial]}
    camera.memory = encode(layout, {**signed, **calibrated(camera, rng)}).hex()
    phone.stock[KIND.value] = entry.get("front_camera_stock", "new")
    return camera


def aged(camera: FrontCamera, entry: Entry) -> None:
    """Let the camera be broken as an entry says."""
    if "front_camera" in entry:
        camera.ail = entry.get("front_camera_sign", Sign.NO_FOCUS.value)


def ticket(entry: Entry, _: Any) -> FrontTicket | None:
    """Return what intake writes down of the front camera, where it is named."""
    if "front_camera" not in entry:
        return None
    sign = Sign(entry.get("front_camera_sign", Sign.NO_FOCUS.value))
    origin = Origin[entry.get("front_camera_stock", "new").upper()]
    return FrontTicket(state=FrontState(entry["front_camera"]), sign=sign, origin=origin)


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"front_camera": FrontState.OWN.value}, aged=aged)
