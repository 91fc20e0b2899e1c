"""The display's steps by their keys, and what is so of them in every case."""

from msgspec.structs import replace

from daruma.core.acts import ActKind
from daruma.core.parts import PartKind
from daruma.core.plan.actions import How, Trait

TUNED = "write_tuned"  # the record that was made for this very panel
OTHER_MAKER = "write_other_maker"  # a record of another maker's panel: a chance, and a decision
CODES = "write_codes"  # the codes of a record whose rest is of another maker's panel
CODES_FOR_OWN_CHIP = "write_codes_for_own_chip"
FOR_OWN_CHIP = frozenset({"write_for_own_chip", CODES_FOR_OWN_CHIP})
FOR_MOVED_CHIP = "write_for_moved_chip"
_HAND = Trait(part=PartKind.DISPLAY)
_WIRE = Trait(How.DEVICE, PartKind.DISPLAY)
_GIVES = replace(_WIRE, gives=True)
_NEW = replace(_HAND, redone=True)
_WRITE = replace(_WIRE, act=ActKind.WRITE, redone=True, on_adapter=True, writes=True)
TRAITS = {
    "original_to_socket": _HAND,
    "read_original": replace(_GIVES, on_adapter=True),
    "earlier_backup": _GIVES,
    "codes_over_cable": _GIVES,
    "typed_serial": _GIVES,
    "tune_record": _WIRE,
    "check_donor": _NEW,
    "new_to_socket": _NEW,
    "read_new": replace(_WIRE, redone=True, on_adapter=True),
    "new_off_socket": _NEW,
    "another_panel": replace(_HAND, chooses=True),
    "lift_chip": replace(_HAND, lasting=True),
    "clear_new_chip": _NEW,
    "solder_chip": _NEW,
    "finish_on_phone": replace(_WIRE, act=ActKind.FINISH, redone=True),
    **dict.fromkeys(("write_new", *sorted(FOR_OWN_CHIP), FOR_MOVED_CHIP, CODES, OTHER_MAKER), _WRITE),
    TUNED: replace(_WRITE, looked_at=True),
}
WRITES = frozenset(key for key, trait in TRAITS.items() if trait.writes)
