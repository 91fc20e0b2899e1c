"""What commands share: where the shop's data lie, its store opened for one command, a trouble said in its three parts."""

import sys
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import TYPE_CHECKING

from msgspec import Struct
from platformdirs import PlatformDirs

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.saying import say

if TYPE_CHECKING:
    from daruma.store.settings import Loaded
    from daruma.store.shop import Shop

DIRS = PlatformDirs("daruma", appauthor=False)


def end_with(trouble: Trouble) -> None:
    """Say a trouble, and end."""
    for part in (trouble.what, trouble.safe, trouble.advice):
        if part:
            say(tr("daruma: {part}", part=part), err=True)
    sys.exit(1)


class Place(Struct, frozen=True):
    """Hold the data folder that a command works with; the settings are read where one needs them."""

    data: Path

    @property
    def earlier(self) -> Path:
        """Return where an earlier program kept settings."""
        return Path(DIRS.user_config_dir)

    @property
    def loaded(self) -> "Loaded":
        """Return what the shop has set, and what of it cannot be used."""
        from daruma.store.settings import load_settings

        return load_settings(self.data, Path(DIRS.user_config_dir))

    @property
    def second(self) -> Path | None:
        """Return the shop's second place; what of the settings cannot be used is said first."""
        loaded = self.loaded
        for trouble in loaded.troubles:
            say(tr("daruma: {sentences}", sentences=trouble.sentences()), err=True)
        named = loaded.settings["places.second"]
        return Path(named).expanduser() if named else None


@contextmanager
def shop_of(place: Place) -> "Iterator[Shop]":
    """Open the store for one command; say trouble in its three parts and end. What is missing from it is said first."""
    from daruma.store.shop import Shop

    try:
        with Shop(place.data, place.second) as shop:
            for loss in shop.losses():
                say(tr("daruma: {loss}: {loss_2}", loss=loss.name, loss_2=loss.what), err=True)
            yield shop
    except Trouble as trouble:
        end_with(trouble)
