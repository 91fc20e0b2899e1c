"""The shop's store as one thing: database, vault, journal, jobs, shelf."""

from pathlib import Path

from daruma.store.database import Database
from daruma.store.jobs import JobBook, Shelf
from daruma.store.journal import Journal
from daruma.store.vault import Vault


class Shop:
    """Open a data folder and give access to what it keeps."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self.database = Database(folder)
        self.vault = Vault(self.database)
        self.journal = Journal(self.database)
        self.jobs = JobBook(self.database)
        self.shelf = Shelf(self.database)

    @property
    def read_only(self) -> bool:
        """Return whether the data folder can only be read."""
        return self.database.read_only

    def __enter__(self) -> "Shop":
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    def close(self) -> None:
        """Close the database."""
        self.database.close()
