"""The shop's own models for the window: checked as they are typed, kept, compared, taken back, shared."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, Signal

from daruma.bench.context import local_time
from daruma.core.language import tr
from daruma.ui.jobs_desk import JobsDesk

if TYPE_CHECKING:
    from daruma.handover.own_models import Checked, OwnModels, Shared


class Modelling(QObject):
    """Change the catalogue, and tell of it."""

    changed = Signal()
    checked = Signal(str, object)
    read = Signal(str, str, str)
    shared = Signal(object)
    told = Signal(str)

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk
        self._own: OwnModels | None = None

    def _models(self) -> OwnModels:
        """Return the shop's own models; used in the store's lane only."""
        if self._own is None:
            from daruma.handover.own_models import OwnModels

            folder = self._desk.ready.own_models
            self._own = OwnModels(folder if folder is not None else self._desk.ready.shop.folder / "models")
        return self._own

    def open(self, key: str) -> None:
        """Tell a model's text as it counts now, and how it differs from the one that ships."""

        def work() -> tuple[str, str, str]:
            models = self._models()
            own = models.own(key)
            return key, own or models.shipped(key), models.difference(key) if own else ""

        self._run(tr("reading the model"), work, self._read)

    def _read(self, result: tuple[str, str, str]) -> None:
        self.read.emit(*result)

    def check(self, key: str, text: str) -> None:
        """Tell what is wrong with a text, if anything is."""
        self._run(tr("checking the model"), lambda: (text, self._models().check(text, key)), self._checked)

    def _checked(self, result: tuple[str, Checked]) -> None:
        self.checked.emit(*result)

    def keep(self, key: str, text: str) -> None:
        """Keep a text as the shop's own model."""
        self._renewing(
            tr("keeping the model"), lambda: self._models().keep(key, text), tr("{key} is the shop's own now", key=key)
        )

    def take_back(self, key: str) -> None:
        """Go back to the model as it ships."""
        self._renewing(
            tr("taking the model back"), lambda: self._models().take_back(key), tr("{key} is as it ships again", key=key)
        )

    def share(self, keys: Iterable[str], path: Path) -> None:
        """Write models as one file, its version the day."""
        names, version = tuple(keys), date.today().isoformat()

        def work() -> str:
            self._models().share(names, version, path)
            return tr(
                "{count_names} models, version {version}, are in {path}", count_names=len(names), version=version, path=path
            )

        self._run(tr("sharing the models"), work, self._tell)

    def look_into(self, path: Path) -> None:
        """Tell what a shared file would change."""
        self._run(tr("reading shared models"), lambda: self._models().shared(path), self.shared)

    def take(self, shared: Shared) -> None:
        """Take what a shared file holds."""
        self._renewing(
            tr("taking shared models"),
            lambda: self._models().take(shared, local_time()),
            tr("taken: {shared}", shared=shared.words),
        )

    def _renewing(self, name: str, function: Callable[[], None], said: str) -> None:
        def work() -> str:
            function()
            self._desk.ready.renew()
            return said

        self._run(name, work, self._renewed)

    def _renewed(self, said: str) -> None:
        self.changed.emit()
        self.told.emit(said)

    def _tell(self, said: str) -> None:
        self.told.emit(said)

    def _run(self, name: str, function: Callable[[], Any], done: Any) -> None:
        self._desk.start(self._desk.store, name, lambda _: function(), done)
