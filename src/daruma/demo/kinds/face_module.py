"""The demo's face modules."""

from typing import Any

from daruma.core.kinds.face_module import IDENTITIES, KIND, FaceState, FaceTicket
from daruma.core.model import Model
from daruma.core.records import FieldValue, encode
from daruma.demo.kinds.room import DemoRoom, Entry
from daruma.demo.maker import Maker
from daruma.standin.glass_map import glass_map
from daruma.standin.kinds.face_module import Module
from daruma.standin.world import Phone


def own(_: Maker, model: Model, phone: Phone, entry: Entry) -> Module:
    """Return the face module that a phone left the factory with; what is wrong with it is in the entry."""
    die = f"V{phone.imei}"
    # somebody may have written another module's map to it: what it throws is its own glass's all the same
    dots = [value for dot in glass_map(die + ("/another" if entry.get("face_map") == "another" else "")) for value in dot]
    layout = model.layout(KIND)
    values: dict[str, FieldValue] = {"signature": layout.field("signature").constant, "revision": 3}
    values |= {identity.value: phone.board[identity.value] for identity in IDENTITIES}
    values |= {f"dot_map_{block + 1}": tuple(dots[140 * block : 140 * (block + 1)]) for block in range(6)}
    fault = entry.get("face_fault", "fused" if "face" in entry else "")
    return Module(
        die,
        "",
        model.key,
        encode(layout, values).hex(),
        infrared=fault != "infrared",
        flood=fault != "flood",
        link={"fused": "fused", "silent": "silent", "repaired": "fused"}.get(fault, "intact"),
        repaired=fault == "repaired",
    )


def ticket(entry: Entry, _: Any) -> FaceTicket | None:
    """Return what intake writes down of the module, where it is named."""
    return FaceTicket(state=FaceState(entry["face"])) if "face" in entry else None


ROOM = DemoRoom(KIND, own=own, ticket=ticket, broken={"face": FaceState.DARK.value})
