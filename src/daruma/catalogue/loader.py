"""Load the catalogue: the files that ship with the program, then the shop's own, which may override.

Checking the files takes its time, so what was read without trouble is kept in a cache folder under a digest of all
the files' bytes.
"""

import hashlib
import os
from collections.abc import Mapping, Sequence
from functools import lru_cache
from importlib.resources import files
from importlib.resources.abc import Traversable
from pathlib import Path

import msgspec
from msgspec import Struct

from daruma import __version__
from daruma.catalogue.errors import CatalogueTrouble
from daruma.catalogue.limits import LARGEST_FILE
from daruma.catalogue.reading import read_bounded
from daruma.core.kinds import KINDS
from daruma.core.kinds.display.facts import Brand
from daruma.core.language import spoken
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.rules import OrderRule
from daruma.core.records import Layout

BASE_FILES = ("system.toml", "actions.toml", "brands.toml", "rules.toml")


class Content(Struct, frozen=True):
    """Hold what the files say."""

    system: str
    models: dict[str, Model]
    function_labels: dict[Function, str]
    function_meaning: dict[Function, str]
    figures: dict[str, ActionFigures]
    brands: dict[str, Brand]
    rules: tuple[OrderRule, ...]
    origins: dict[str, str]
    ambient_channels: tuple[tuple[float, float], ...]


class Catalogue(Struct, frozen=True):
    """Hold every model, the system software, the actions' figures and what was wrong with files."""

    system: str
    models: Mapping[str, Model]
    function_labels: Mapping[Function, str]
    function_meaning: Mapping[Function, str]
    figures: Mapping[str, ActionFigures]
    brands: Mapping[str, Brand]
    rules: tuple[OrderRule, ...]
    origins: Mapping[str, str]
    ambient_channels: tuple[tuple[float, float], ...]
    troubles: tuple[CatalogueTrouble, ...]

    @property
    def names(self) -> dict[str, str]:
        """Return the models' names by key."""
        return {key: model.name for key, model in self.models.items()}

    def layouts(self, kind: PartKind = PartKind.DISPLAY) -> tuple[Layout, ...]:
        """Return the layout of a part kind in every model."""
        return tuple(layout for model in self.models.values() for layout in model.layouts if layout.part is kind)


def load_catalogue(own_folder: Path | None = None, cache_folder: Path | None = None) -> Catalogue:
    """Load the shipped catalogue and a shop's own folder of models over it.

    A wrong model file becomes one entry of `troubles`; the others still load.
    """
    base = files("daruma.catalogue")
    models = (*_tomls(base / "models"), *(_tomls(own_folder) if own_folder is not None and own_folder.is_dir() else ()))
    digest = _digest(base, models)
    cache = cache_folder / f"catalogue-{digest}.json" if cache_folder is not None else None
    troubles: tuple[CatalogueTrouble, ...] = ()
    content = _cached(cache)
    if content is None:
        content, troubles = _read(digest, models)
        if cache is not None and not troubles:
            _keep(content, cache)
    return Catalogue(
        content.system,
        dict(content.models),
        dict(content.function_labels),
        dict(content.function_meaning),
        dict(content.figures),
        dict(content.brands),
        content.rules,
        dict(content.origins),
        content.ambient_channels,
        troubles,
    )


def _tomls(folder: Traversable) -> list[Traversable]:
    return sorted((f for f in folder.iterdir() if f.name.endswith(".toml")), key=lambda f: f.name)


def _kinds(base: Traversable) -> list[Traversable]:
    return [base / "kinds" / f"{name}.toml" for name in KINDS.values()]


@lru_cache(maxsize=4)
def _read(_digest: str, models: tuple[Traversable, ...]) -> tuple[Content, tuple[CatalogueTrouble, ...]]:
    """Read the files; those of the same digest are read once."""
    base = files("daruma.catalogue")
    # the checks are slow to import and needed only where the cache does not serve
    from daruma.catalogue.files import read_brands, read_kinds, read_models, read_rules, read_system

    system = read_system(base / "system.toml")
    kinds = read_kinds(base / "actions.toml", _kinds(base))
    found, origins, troubles = read_models(list(models), system, kinds.layouts)
    rules = read_rules(base / "rules.toml", kinds.figures)
    brands = read_brands(base / "brands.toml")
    return Content(
        system.name, found, system.labels, system.meaning, kinds.figures, brands, rules, origins, system.ambient_channels
    ), troubles


def _digest(base: Traversable, models: Sequence[Traversable]) -> str:
    digest = hashlib.sha256(f"{__version__} {spoken()}".encode())
    for path in (*(base / name for name in BASE_FILES), *_kinds(base), *models):
        try:
            data = read_bounded(path, LARGEST_FILE)
        except OSError:
            data = b"unreadable"
        digest.update(f"{path.name} {len(data)} ".encode() + data)
    return digest.hexdigest()[:32]


def _cached(path: Path | None) -> Content | None:
    if path is None:
        return None
    try:
        return msgspec.json.decode(path.read_bytes(), type=Content)
    except (OSError, msgspec.MsgspecError, RecursionError):
        return None


def _keep(content: Content, path: Path) -> None:
    try:
        path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
        spare = path.with_suffix(f".{os.getpid()}.part")  # stand-ins and window may read it first at once
        spare.write_bytes(msgspec.json.encode(content))
        spare.replace(path)
    except OSError:
        # a cache that cannot be kept costs time at the next start and nothing else
        return
