"""What the shop prefers and owns, kept as JSON beside the database."""

from dataclasses import dataclass, field
from pathlib import Path

import msgspec

from daruma.core.plan.case import Kit
from daruma.core.plan.money import Preferences
from daruma.store.engine import StoreTrouble
from daruma.store.files import write_whole

NAME = "preferences.json"


@dataclass(frozen=True, slots=True)
class ShopWays:
    """Hold the shop's preferences and what its bench owns."""

    preferences: Preferences = field(default_factory=Preferences)
    kit: Kit = field(default_factory=Kit)


def load_ways(folder: Path) -> ShopWays:
    """Return what is kept, or the defaults where nothing is; raise StoreTrouble for a file that makes no sense."""
    path = folder / NAME
    try:
        return msgspec.json.decode(path.read_bytes(), type=ShopWays)
    except FileNotFoundError:
        return ShopWays()
    except (OSError, msgspec.MsgspecError) as error:
        raise StoreTrouble(
            f"{NAME} cannot be used: {error}.", safe="Jobs and backups are untouched.", advice="Correct the file or take it away."
        ) from error


def save_ways(folder: Path, ways: ShopWays) -> None:
    """Keep preferences and kit, whole or not at all."""
    try:
        write_whole(folder / NAME, msgspec.json.format(msgspec.json.encode(ways), indent=2))
    except OSError as error:
        raise StoreTrouble(
            f"The preferences could not be kept: {error.strerror}.",
            safe="They are as they were.",
            advice="Check free space and access rights of the data folder, then try again.",
        ) from error
