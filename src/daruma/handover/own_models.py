"""A shop's own models: copied from those that ship, checked as they are typed, compared, taken back, shared as one file."""

import difflib
import json
from collections.abc import Iterable, Iterator, Mapping
from contextlib import contextmanager, suppress
from importlib.resources import files
from pathlib import Path

from msgspec import Struct

from daruma.catalogue.errors import CatalogueTrouble
from daruma.catalogue.files import Fault, parse_model, read_kinds, read_system
from daruma.catalogue.limits import LARGEST_FILE
from daruma.catalogue.lines import line_of
from daruma.catalogue.reading import read_bounded
from daruma.core.errors import Trouble
from daruma.core.kinds import KINDS
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.plain import plain
from daruma.store.files import write_whole

FORMAT = "daruma models 1"
LARGEST_SHARED = 8 << 20  # bytes
MOST_SHARED = 500
BEFORE = ".before"  # what a file was, kept beside it


class Checked(Struct, frozen=True):
    """Hold a model's text as it was checked: the model, or the line and words of what is wrong first."""

    model: Model | None
    line: int = 0
    fault: str = ""


class Shared(Struct, frozen=True):
    """Hold a file of models that somebody shares, with what taking it would do."""

    name: str
    version: str
    texts: Mapping[str, str]
    fresh: tuple[str, ...]
    changed: tuple[str, ...]
    faults: tuple[tuple[str, str], ...]

    @property
    def words(self) -> str:
        """Return what taking it would do."""
        said = [
            tr(
                "version {version}: {count_fresh} new ({fresh})",
                version=self.version,
                count_fresh=len(self.fresh),
                fresh=", ".join(self.fresh) or tr("none"),
            )
        ]
        said.append(
            tr(
                "{count_changed} changed ({changed})",
                count_changed=len(self.changed),
                changed=", ".join(self.changed) or tr("none"),
            )
        )
        said += [tr("{name} left out: {why}", name=name, why=why) for name, why in self.faults]
        return "; ".join(said)


class OwnModels:
    """Keep a shop's own models in a folder."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        base = files("daruma.catalogue")
        self._base = base / "models"
        self._system = read_system(base / "system.toml")
        self._layouts = read_kinds(base / "actions.toml", [base / "kinds" / f"{name}.toml" for name in KINDS.values()]).layouts

    def shipped(self, key: str) -> str:
        """Return the text of a model that ships with the program; empty where none does."""
        file = self._base / f"{key}.toml"
        return file.read_text(encoding="utf-8") if file.is_file() else ""

    def own(self, key: str) -> str:
        """Return the shop's own text of a model; empty where it has none."""
        path = self._path(key)
        return read_bounded(path, LARGEST_FILE).decode("utf-8", "replace") if path.is_file() else ""

    def check(self, text: str, key: str = "") -> Checked:
        """Check a model's text; with `key` it must be that model's."""
        try:
            model = parse_model(text.encode("utf-8"), self._system, self._layouts)
        except Fault as fault:
            words = f"{fault.path}: {fault.words}" if fault.path else fault.words
            return Checked(None, fault.line or line_of(text, fault.path), words)
        if key and model.key != key:
            return Checked(None, line_of(text, "key"), tr("key: it says {key}; this file is {key_2}'s", key=model.key, key_2=key))
        return Checked(model)

    def keep(self, key: str, text: str) -> None:
        """Keep a model's text as the shop's own; raise CatalogueTrouble where it is wrong."""
        checked = self.check(text, key)
        if checked.model is None:
            raise CatalogueTrouble(
                tr("Line {line}: {fault}.", line=checked.line, fault=checked.fault),
                safe=tr("The file is as it was."),
                advice=tr("Correct the line, then keep it again."),
            )
        self._write(key, text)

    def take_back(self, key: str) -> None:
        """Go back to the model as it ships, where the shop has one of its own: its text stays beside it for another time."""
        path = self._path(key)
        with self._explained(path), suppress(FileNotFoundError):
            path.replace(path.with_suffix(f".toml{BEFORE}"))

    def difference(self, key: str) -> str:
        """Return how the shop's own text differs from the shipped one, line by line."""
        before, after = self.shipped(key).splitlines(), self.own(key).splitlines()
        return "\n".join(difflib.unified_diff(before, after, tr("as it ships"), tr("the shop's own"), lineterm="", n=1))

    def share(self, keys: Iterable[str], version: str, path: Path) -> None:
        """Write models as one file with a version."""
        models = {key: self.own(key) or self.shipped(key) for key in keys}
        self._whole(path, json.dumps({"format": FORMAT, "version": version, "models": models}, indent=1, ensure_ascii=False))

    def shared(self, path: Path) -> Shared:
        """Read a shared file; raise CatalogueTrouble where it is none. Nothing is kept."""
        try:
            data = read_bounded(path, LARGEST_SHARED)
            said = json.loads(data[: LARGEST_SHARED + 1]) if len(data) <= LARGEST_SHARED else None
            if not isinstance(said, dict) or said.get("format") != FORMAT or not isinstance(said.get("models"), dict):
                raise ValueError("it is no file of shared models")
            texts = {str(key): text for key, text in said["models"].items() if isinstance(text, str)}
            if len(texts) > MOST_SHARED:
                raise ValueError(f"it has more than {MOST_SHARED} models")
        except (OSError, ValueError, RecursionError) as error:
            raise CatalogueTrouble(
                tr("{path} cannot be taken: {error}.", path=path.name, error=error),
                safe=tr("The catalogue is as it was."),
                advice=tr("Ask for the file again."),
            ) from error
        sound = {key: text for key, text in texts.items() if not (self.check(text, key).fault or not _is_key(key))}
        faults = tuple(
            (key, self.check(text, key).fault or tr("its name is none")) for key, text in texts.items() if key not in sound
        )
        now = {key: self.own(key) or self.shipped(key) for key in sound}
        fresh = tuple(key for key in sound if not now[key])
        changed = tuple(key for key, text in sound.items() if now[key] and _without_origin(now[key]) != _without_origin(text))
        return Shared(path.name, str(said.get("version", ""))[:40], sound, fresh, changed, faults)

    def take(self, shared: Shared, when: str = "") -> None:
        """Take what a shared file holds that is new or changed; each says from then on which file it came from, and `when`."""
        for key in (*shared.fresh, *shared.changed):
            origin = json.dumps(plain(f"{shared.name[:60]}, {when[:10]}"))
            self._write(key, f"arrived = {origin}\n{_without_origin(shared.texts[key])}")

    def _path(self, key: str) -> Path:
        if not _is_key(key):
            raise CatalogueTrouble(tr("{key} cannot be the name of a model.", key=key[:40]), safe=tr("Nothing was changed."))
        return self.folder / f"{key}.toml"

    def _write(self, key: str, text: str) -> None:
        path = self._path(key)
        if path.is_file():
            self._whole(path.with_suffix(f".toml{BEFORE}"), self.own(key))
        self._whole(path, text)

    def _whole(self, path: Path, text: str) -> None:
        with self._explained(path):
            path.parent.mkdir(parents=True, exist_ok=True)
            write_whole(path, text.encode("utf-8"))

    @staticmethod
    @contextmanager
    def _explained(path: Path) -> Iterator[None]:
        try:
            yield
        except OSError as error:
            raise Trouble(
                tr("{path} cannot be written: {strerror}.", path=path.name, strerror=error.strerror),
                safe=tr("The catalogue is as it was."),
                advice=tr("Check the folder's rights."),
            ) from error


def _without_origin(text: str) -> str:
    """Return a model's text without the line that says which file it was imported from."""
    return "".join(line for line in text.splitlines(keepends=True) if not line.startswith("arrived ="))


def _is_key(key: str) -> bool:
    return key.isascii() and key.replace("_", "").isalnum() and 0 < len(key) <= 40
