"""The shelf for the window: parts kept, taken in from a file, written out, printed as labels."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from datetime import date
from pathlib import Path
from typing import TYPE_CHECKING, Any

from msgspec.structs import replace
from PySide6.QtCore import QObject, Signal

from daruma.bench.context import local_time
from daruma.core.language import day, tr
from daruma.core.shelf import ShelfPart, Vocabulary
from daruma.ui.jobs_desk import JobsDesk
from daruma.ui.running import LOOKING

if TYPE_CHECKING:
    from daruma.core.labels import Label
    from daruma.handover.shelf_file import Preview


MOST_ACTS = 5  # of a part's history that are shown, the latest


class Shelving(QObject):
    """Change the shelf, and tell of it."""

    changed = Signal()
    previewed = Signal(object)
    history = Signal(str, str)
    told = Signal(str)

    def __init__(self, desk: JobsDesk) -> None:
        super().__init__(desk)
        self._desk = desk
        desk.loaded.connect(self.changed)

    @property
    def vocabulary(self) -> Vocabulary:
        """Return what a part on the shelf may be."""
        from daruma.bench.shelving import vocabulary_of

        return vocabulary_of(self._desk.ready.catalogue.names)

    @property
    def parts(self) -> tuple[ShelfPart, ...]:
        """Return every part that is kept."""
        return self._desk.shelf

    def find(self, die: str) -> ShelfPart | None:
        """Return the part of a die, None where the shelf has none."""
        return next((part for part in self.parts if part.die == die), None)

    def keep(self, *parts: ShelfPart) -> None:
        """Keep parts."""
        self._run(tr("keeping the shelf"), lambda: self._keep(parts), self._took)

    def withdraw(self, part: ShelfPart, why: str) -> None:
        """Take a part from the shelf; what is known of it stays."""
        self.keep(replace(part, gone=f"{why or tr('withdrawn')}, {date.today().isoformat()}"))

    def put_back(self, part: ShelfPart) -> None:
        """Put a withdrawn part back on the shelf."""
        self.keep(replace(part, gone=""))

    def look(self) -> None:
        """Read the shelf anew: a job may have taken or given a part."""
        self._run(LOOKING, lambda: self._desk.ready.shop.shelf.all(), self._took)

    def ask_history(self, part: ShelfPart) -> None:
        """Tell what was done to a part here."""

        def work() -> tuple[str, str]:
            acts = self._desk.ready.shop.journal.acts_on(part.die)
            said = (f"{day(act.started)} {act.job_name}: {act.kind.value}, {act.state.value}" for act in acts[-MOST_ACTS:])
            return part.die, "\n".join(said)

        self._run(LOOKING, work, self._told_history)

    def _told_history(self, told: tuple[str, str]) -> None:
        self.history.emit(*told)

    def preview(self, path: Path) -> None:
        """Tell what a CSV file would do to the shelf."""
        words, there = self.vocabulary, {part.die: part for part in self.parts}

        def work() -> Preview:
            from daruma.handover.shelf_file import read_shelf

            return read_shelf(path, words, there, local_time())

        self._run(tr("reading {path}", path=path.name), work, self.previewed)

    def write(self, path: Path) -> None:
        """Write the shelf as CSV."""
        words, parts = self.vocabulary, self.parts

        def work() -> str:
            from daruma.handover.shelf_file import write_shelf

            write_shelf(parts, words, path)
            return tr("{count_parts} parts are written to {path}", count_parts=len(parts), path=path)

        self._run(tr("writing {path}", path=path.name), work, self._tell)

    def print_labels(self, parts: Iterable[ShelfPart], path: Path) -> None:
        """Print labels of parts to a PDF."""
        from daruma.core.labels import label_of_part

        words = self.vocabulary
        made = [label_of_part(part, words.models.get(part.model, part.model), words.grade(part)) for part in parts]
        self.print_made(made, path)

    def print_made(self, labels: list[Label], path: Path) -> None:
        """Print labels that are made already."""
        size = self._desk.settings["shop.label"]

        def work() -> str:
            from daruma.ui.printing import write_labels

            write_labels(labels, size, path)
            return tr(
                "{count_labels} labels of {size} mm are in {path}",
                count_labels=len(labels),
                size=size.replace("x", " x "),
                path=path,
            )

        self._run(tr("printing labels"), work, self._tell)

    def _keep(self, parts: tuple[ShelfPart, ...]) -> tuple[ShelfPart, ...]:
        shelf = self._desk.ready.shop.shelf
        shelf.save_all(parts)
        return shelf.all()

    def _took(self, parts: tuple[ShelfPart, ...]) -> None:
        self._desk.shelf = parts
        self.changed.emit()

    def _tell(self, said: str) -> None:
        self.told.emit(said)

    def _run(self, name: str, function: Callable[[], Any], done: Any) -> None:
        self._desk.start(self._desk.store, name, lambda _: function(), done)
