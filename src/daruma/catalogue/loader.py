"""Load the catalogue: the files that ship with the program, then the shop's own, which may override."""

import tomllib
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, fields
from importlib.resources import files
from importlib.resources.abc import Traversable
from pathlib import Path
from typing import TypeVar

from pydantic import BaseModel, ValidationError

from daruma.catalogue.schema import ActionsFile, LayoutFile, ModelFile, SystemFile
from daruma.core.errors import Trouble
from daruma.core.model import Era, Model, WhitePath
from daruma.core.parts import Function, Version
from daruma.core.plan.actions import ActionFigures
from daruma.core.records import ChecksumSpec, FieldSpec, Layout

LARGEST_FILE = 1 << 20  # bytes; a hand-written model has a few thousand
_File = TypeVar("_File", bound=BaseModel)


class CatalogueTrouble(Trouble):
    """Report a catalogue file that cannot be used."""


@dataclass(frozen=True, slots=True)
class Catalogue:
    """Hold every model, the system software, the actions' figures and what was wrong with files."""

    system: str
    models: Mapping[str, Model]
    function_labels: Mapping[Function, str]
    function_meaning: Mapping[Function, str]
    figures: Mapping[str, ActionFigures]
    origins: Mapping[str, str]
    troubles: tuple[CatalogueTrouble, ...]

    @property
    def names(self) -> dict[str, str]:
        """Return the models' names by key."""
        return {key: model.name for key, model in self.models.items()}

    def layouts(self) -> tuple[Layout, ...]:
        """Return every layout of every model."""
        return tuple(layout for model in self.models.values() for layout in model.layouts)


def load_catalogue(own_folder: Path | None = None) -> Catalogue:
    """Load the shipped catalogue and a shop's own folder of models over it.

    A wrong model file becomes one entry of `troubles`; the others still load.
    """
    base = files("daruma.catalogue")
    system = _read(base / "system.toml", SystemFile)
    actions = _read(base / "actions.toml", ActionsFile)
    eras = tuple(
        sorted((Era(e.name, Version.parse(e.since), e.notice_checks, e.finishing) for e in system.eras), key=lambda e: e.since)
    )
    models: dict[str, Model] = {}
    origins: dict[str, str] = {}
    troubles: list[CatalogueTrouble] = []
    for path in _model_files(base / "models", own_folder):
        try:
            model = _model(_read(path, ModelFile), eras)
        except CatalogueTrouble as trouble:
            troubles.append(trouble)
            continue
        models[model.key] = model
        origins[model.key] = path.name
    figures = {key: ActionFigures(**action.model_dump()) for key, action in actions.actions.items()}
    ordered = dict(sorted(models.items(), key=lambda item: item[1].name))
    return Catalogue(system.name, ordered, system.function_labels, system.function_meaning, figures, origins, tuple(troubles))


def _model_files(base: Traversable, own_folder: Path | None) -> Iterable[Traversable]:
    yield from sorted((f for f in base.iterdir() if f.name.endswith(".toml")), key=lambda f: f.name)
    if own_folder is not None and own_folder.is_dir():
        yield from sorted(own_folder.glob("*.toml"))


def _read(path: Traversable, shape: type[_File]) -> _File:
    keep = "The other files are used as they are."
    try:
        raw = path.read_bytes()
        if len(raw) > LARGEST_FILE:
            raise CatalogueTrouble(f"{path.name}: {len(raw)} bytes is too large for a catalogue file.", safe=keep)
        return shape.model_validate(tomllib.loads(raw.decode("utf-8")))
    except OSError as error:
        raise CatalogueTrouble(f"{path.name}: cannot be read ({error.strerror}).", safe=keep) from error
    except (tomllib.TOMLDecodeError, UnicodeDecodeError, RecursionError) as error:
        raise CatalogueTrouble(f"{path.name}: is not TOML ({error}).", safe=keep, advice="Correct the file.") from error
    except ValidationError as error:
        first = error.errors()[0]
        key = ".".join(str(part) for part in first["loc"]) or "the whole file"
        raise CatalogueTrouble(
            f"{path.name}: {key}: {first['msg']}.", safe=keep, advice="Correct the key, then open the catalogue again."
        ) from error


def _model(file: ModelFile, eras: tuple[Era, ...]) -> Model:
    plain = {f.name: getattr(file, f.name) for f in fields(Model) if f.name not in ("eras", "white", "layouts")}
    for name in ("first_system", "last_system", "programmer_firmware"):
        plain[name] = Version.parse(plain[name])
    plain["finishing_since"] = Version.parse(file.finishing_since) if file.finishing_since else None
    layouts = tuple(_layout(layout, file.key) for layout in file.layouts)
    return Model(**plain, eras=eras, white=WhitePath(**file.white.model_dump()), layouts=layouts)


def _layout(file: LayoutFile, model: str) -> Layout:
    specs = tuple(FieldSpec(**field.model_dump()) for field in file.fields)
    checksums = tuple(ChecksumSpec(**checksum.model_dump()) for checksum in file.checksums)
    return Layout(file.name, model, file.part, file.size, specs, checksums)
