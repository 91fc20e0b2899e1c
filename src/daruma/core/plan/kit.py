"""What the bench owns."""

from msgspec import Struct


class Kit(Struct, frozen=True):
    """Hold what the bench owns and has at hand."""

    hot_air: bool = True
    grinder: bool = True
    memory_sockets: frozenset[str] = frozenset({"BGA110", "BGA315"})
    ear_adapter: bool = True
    spare_flex: bool = True
    network: bool = True
    welder: bool = True
