"""The shop's store as one thing: database, vault, journal, jobs, shelf."""

from collections.abc import Callable
from datetime import datetime
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING

from daruma.core.backup import VaultFault

if TYPE_CHECKING:
    from daruma.store.copy_memory import Held
    from daruma.store.database import Database
    from daruma.store.jobs import JobBook, Shelf
    from daruma.store.journal import Journal
    from daruma.store.recordings import Recordings
    from daruma.store.vault import Vault


class Shop:
    """Open a data folder and give access to what it keeps."""

    database: "Database"
    vault: "Vault"
    journal: "Journal"
    jobs: "JobBook"
    shelf: "Shelf"

    def __init__(self, folder: Path, second: Path | None = None, *, late: bool = False) -> None:
        """Open a folder; `second` is another place that remembers how far the store has come.

        A `late` one gives access to nothing until it is opened by a call of its own: what that needs is slow to load.
        """
        self.folder = folder
        self.second = second
        if not late:
            self.open()

    def open(self) -> None:
        """Open the folder; raise StoreTrouble where that does not go."""
        from daruma.store.database import Database
        from daruma.store.jobs import JobBook, Shelf
        from daruma.store.journal import Journal
        from daruma.store.vault import Vault

        self.database = Database(self.folder, second=self.second)
        if self.database.seen.purges and not self.database.read_only:
            self._purge_again()
        self.vault = Vault(self.database)
        self.journal = Journal(self.database)
        self.jobs = JobBook(self.database)
        self.shelf = Shelf(self.database)

    def _purge_again(self) -> None:
        """Purge what came back of what marks or copies know to have been purged."""
        from daruma.store.retention import apply_purges  # hardly ever needed

        apply_purges(self.database, self.database.seen.purges, datetime.now().astimezone().isoformat(timespec="seconds"))

    @property
    def is_open(self) -> bool:
        """Return whether the folder was opened."""
        return "database" in vars(self)

    @cached_property
    def recordings(self) -> "Recordings":
        """Return the recordings of meters; they need NumPy, so they are opened when first asked for."""
        from daruma.store.recordings import Recordings

        return Recordings(self.database)

    @property
    def read_only(self) -> bool:
        """Return whether the data folder can only be read."""
        return self.database.read_only

    def __enter__(self) -> "Shop":
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    def losses(self) -> tuple[VaultFault, ...]:
        """Return what the marks know of and the store has not, with where it may still be."""
        from daruma.store.losses import faults_of

        database = self.database
        if database.marks is None:
            return ()
        missing = database.seen.missing
        copies = self._held_by_copies() if missing.counts else ()
        return faults_of(missing, database.marks.damaged, database.marks.trouble, copies)

    def _held_by_copies(self) -> "tuple[Held, ...]":
        from daruma.store.copy_memory import held_by  # nothing of it is needed where nothing is missing

        return held_by(self.folder)

    def set_aside(self) -> tuple[VaultFault, ...]:
        """Return the jobs on view, acts in doubt and shelf parts that are damaged: they are set aside, the rest goes on."""
        return (*self.jobs.damaged_on_view(), *self.shelf.damaged())

    def check(self, report: Callable[[int], None] = lambda _: None) -> tuple[int, tuple[VaultFault, ...]]:
        """Verify everything that is kept, and compare it with the marks; return the backups seen and every fault."""
        from daruma.store.whole import check_rows

        seen, faults = self.vault.check(report, whole_store=True)
        return seen, (*faults, *check_rows(self.database), *self._damaged_notes(), *self.losses())

    def _damaged_notes(self) -> tuple[VaultFault, ...]:
        from daruma.store.losses import MARKS

        marks = self.database.marks
        damaged = marks.damaged_notes(self.database.seen.store) if marks is not None else ()
        return tuple(VaultFault(MARKS, line) for line in damaged)

    def close(self) -> None:
        """Close the database, where it was opened."""
        if self.is_open:
            self.database.close()
