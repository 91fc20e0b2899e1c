"""The demo's sensor flexes."""

from typing import Any

from daruma.core.kinds.sensor_flex import FlexState, FlexTicket
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import FieldValue, encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds.sensor_flex import Flex
from daruma.standin.world import Phone

KIND = PartKind.SENSOR_FLEX


def own(maker: Maker, model: Model, phone: Phone, entry: Entry) -> Flex:
    """Return the sensor flex that a phone left the factory with."""
    layout = model.layout(KIND)
    values: dict[str, FieldValue] = {"signature": layout.field("signature").constant}
    values |= {identity.value: phone.board[identity.value] for identity in (Identity.FLEX_ID, Identity.AMBIENT_CODE)}
    channels = [1 + maker.rng.gauss(0, 0.03) for _ in range(8)]
    values["ambient_gains"] = tuple(round(1000 / channel) for channel in channels)
    memory = encode(layout, values).hex()
    return Flex(f"F{phone.imei}", "", model.key, memory, sound="flex" not in entry, channels=channels)


def ticket(entry: Entry, _: Any) -> FlexTicket | None:
    """Return what intake writes down of the flex, where it is named."""
    return FlexTicket(state=FlexState(entry["flex"])) if "flex" in entry else None


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"flex": FlexState.WORN.value})
