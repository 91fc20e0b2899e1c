"""Read catalogue files with pydantic and turn them into the core's models."""

import re
import tomllib
from collections.abc import Container, Iterable, Sequence
from importlib.resources.abc import Traversable
from typing import TypeVar

from msgspec import Struct
from pydantic import BaseModel, ValidationError

from daruma.catalogue.errors import CatalogueTrouble
from daruma.catalogue.limits import LARGEST_FILE, LONGEST_LINE
from daruma.catalogue.reading import read_bounded
from daruma.catalogue.schema import ActionsFile, BrandsFile, KindFile, LayoutFile, ModelFile, RulesFile, SystemFile
from daruma.core.display import DisplaySpec
from daruma.core.kinds.display.facts import Brand
from daruma.core.language import tr
from daruma.core.model import Era, Model, WhitePath
from daruma.core.parts import Function, Version
from daruma.core.plan.actions import ActionFigures
from daruma.core.plan.rules import OrderRule, cycle
from daruma.core.records import ChecksumSpec, FieldSpec, Layout

_File = TypeVar("_File", bound=BaseModel)


class SystemSoftware(Struct, frozen=True):
    """Hold what a system file says: name, labels and meanings of functions, eras in order, unbinding on the phone."""

    name: str
    labels: dict[Function, str]
    meaning: dict[Function, str]
    eras: tuple[Era, ...]
    unbind_on_phone: tuple[Version, Version]
    ambient_channels: tuple[tuple[float, float], ...]


class Kinds(Struct, frozen=True):
    """Hold what the files of the kinds say: the actions' figures by key, the layouts that every model shares."""

    figures: dict[str, ActionFigures]
    layouts: tuple[LayoutFile, ...]


def read_system(path: Traversable) -> SystemSoftware:
    """Return what is said of the system software."""
    file = _read(path, SystemFile)
    eras = (Era(e.name, Version.parse(e.since), e.notice_checks, e.finishing, e.finishes, e.lockable) for e in file.eras)
    first, last = file.unbind_on_phone
    return SystemSoftware(
        file.name,
        file.function_labels,
        file.function_meaning,
        tuple(sorted(eras, key=lambda era: era.since)),
        (Version.parse(first), Version.parse(last)),
        tuple((channel.peak, channel.width) for channel in file.ambient_channels),
    )


def read_brands(path: Traversable) -> dict[str, Brand]:
    """Return the aftermarket brands by key."""
    return {key: Brand(key, **brand.model_dump()) for key, brand in _read(path, BrandsFile).brands.items()}


def read_rules(path: Traversable, actions: Container[str]) -> tuple[OrderRule, ...]:
    """Return the rules of order; raise CatalogueTrouble for an unknown action or a cycle, naming it."""
    rules = tuple(OrderRule(**rule.model_dump()) for rule in _read(path, RulesFile).rules)
    for index, rule in enumerate(rules):
        for key in (rule.first, rule.then):
            if key not in actions:
                raise CatalogueTrouble(
                    tr("{path}: rules.{index}: there is no action {key}.", path=path.name, index=index, key=key),
                    advice=tr("Correct the key."),
                )
    if found := cycle(rules):
        raise CatalogueTrouble(
            tr(
                "{path}: the rules go round in a circle: {circle}.",
                path=path.name,
                circle=tr(" before ").join(reversed(found)),
            ),
            safe=tr("Nothing is planned with them."),
            advice=tr("Take one of them out."),
        )
    return rules


def read_kinds(phone: Traversable, kinds: Iterable[Traversable]) -> Kinds:
    """Return the figures of the actions on the phone and on each kind of part, and the layouts that every model shares."""
    figures, layouts = _figures(_read(phone, ActionsFile)), []
    for path in kinds:
        file = _read(path, KindFile)
        if twice := figures.keys() & file.actions.keys():
            raise CatalogueTrouble(
                tr("{path}: actions.{twice}: another file has it, too.", path=path.name, twice=min(twice)),
                advice=tr("Take one out."),
            )
        figures |= _figures(file)
        layouts += [file.layout] if file.layout is not None else []
    return Kinds(figures, tuple(layouts))


def _figures(file: ActionsFile) -> dict[str, ActionFigures]:
    return {key: ActionFigures(**action.model_dump()) for key, action in file.actions.items()}


def read_models(
    paths: Iterable[Traversable], system: SystemSoftware, shared: Sequence[LayoutFile]
) -> tuple[dict[str, Model], dict[str, str], tuple[CatalogueTrouble, ...]]:
    """Return the models, the file each came from, and what was wrong with other files; later files override."""
    models: dict[str, Model] = {}
    origins: dict[str, str] = {}
    troubles: list[CatalogueTrouble] = []
    for path in paths:
        try:
            model = _model(_read(path, ModelFile), system, shared)
        except CatalogueTrouble as trouble:
            troubles.append(trouble)
            continue
        models[model.key] = model
        origins[model.key] = path.name
    return dict(sorted(models.items(), key=lambda item: item[1].name)), origins, tuple(troubles)


class Fault(ValueError):
    """Say what is wrong with a file's bytes: where, by dotted path or line, and in words."""

    def __init__(self, words: str, path: str = "", line: int = 0) -> None:
        super().__init__(f"{path}: {words}" if path else words)
        self.words, self.path, self.line = words, path, line


def parse_model(raw: bytes, system: SystemSoftware, shared: Sequence[LayoutFile]) -> Model:
    """Return the model that a file's bytes say; raise Fault for the first thing that is wrong."""
    return _model(_parsed(raw, ModelFile), system, shared)


def _parsed(raw: bytes, shape: type[_File]) -> _File:
    if len(raw) > LARGEST_FILE or max(map(len, raw.splitlines()), default=0) > LONGEST_LINE:
        raise Fault(tr("it, or one of its lines, is too long for a catalogue file"))
    try:
        return shape.model_validate(tomllib.loads(raw.decode("utf-8")))
    except ValidationError as error:
        first = error.errors()[0]
        raise Fault(first["msg"], ".".join(str(part) for part in first["loc"]) or tr("the whole file")) from error
    except (ValueError, RecursionError) as error:
        # not only what the parser calls its own error: a number of a thousand digits is a plain one
        line = re.search(r"at line (\d+)", str(error))
        raise Fault(tr("is not TOML ({error})", error=error), line=int(line[1]) if line else 0) from error


def _read(path: Traversable, shape: type[_File]) -> _File:
    keep = tr("The other files are used as they are.")
    try:
        return _parsed(read_bounded(path, LARGEST_FILE), shape)
    except OSError as error:
        raise CatalogueTrouble(
            tr("{path}: cannot be read ({strerror}).", path=path.name, strerror=error.strerror), safe=keep
        ) from error
    except Fault as fault:
        raise CatalogueTrouble(f"{path.name}: {fault}.", safe=keep, advice=tr("Correct the file.")) from fault


def _model(file: ModelFile, system: SystemSoftware, shared: Sequence[LayoutFile]) -> Model:
    plain = {
        name: getattr(file, name)
        for name in Model.__struct_fields__
        if name not in ("eras", "white", "display", "layouts", "face_fold", "pack_fold", "boot", "closing", "unbind_on_phone")
    }
    for name in ("first_system", "last_system", "programmer_firmware"):
        plain[name] = Version.parse(plain[name])
    plain["finishing_since"] = Version.parse(file.finishing_since) if file.finishing_since else None
    of_all = (layout.model_copy(update={"name": f"{file.key}_{layout.name}"}) for layout in shared)
    layouts = tuple(_layout(layout, file.key) for layout in (*file.layouts, *of_all))
    white = WhitePath(**file.white.model_dump())
    fold, pack = (each.spec if each is not None else None for each in (file.face_fold, file.pack_fold))
    display = DisplaySpec(**file.display.model_dump())
    boot = file.boot.spec if file.boot is not None else None
    plain |= {"white": white, "display": display, "layouts": layouts, "face_fold": fold, "pack_fold": pack, "boot": boot}
    plain["closing"] = file.closing.spec if file.closing is not None else None
    return Model(**plain, eras=system.eras, unbind_on_phone=system.unbind_on_phone)


def _layout(file: LayoutFile, model: str) -> Layout:
    specs = tuple(FieldSpec(**field.model_dump()) for field in file.fields)
    checksums = tuple(ChecksumSpec(**checksum.model_dump()) for checksum in file.checksums)
    return Layout(file.name, model, file.part, file.size, specs, checksums)
