"""Backups fetched, hashed and decoded once: each look at the bench asks for the same ones."""

from __future__ import annotations

from collections import OrderedDict
from typing import TYPE_CHECKING

from daruma.bench.keeping import record_of
from daruma.core.backup import Backup
from daruma.core.model import Model
from daruma.core.records import Record

if TYPE_CHECKING:
    from daruma.store.vault import Vault

MOST = 32  # backups remembered


class Decoded:
    """Remember backups with their records, as long as the vault says that they are there; for looking, not for writing from.

    An act reads its source from the vault anew.
    """

    def __init__(self, vault: Vault) -> None:
        self._vault = vault
        self._found: OrderedDict[tuple[str, str], tuple[Backup, Record]] = OrderedDict()

    def of(self, ref: str, model: Model) -> tuple[Backup, Record]:
        """Return a backup and its record by the model's layout; raise Trouble where it is not in the vault as it was kept."""
        key = ref, model.key
        found = self._found.get(key)
        if found is None or not self._vault.has(ref):
            self._found.pop(key, None)
            backup = self._vault.get(ref)
            found = self._found[key] = backup, record_of(backup, model)
        self._found.move_to_end(key)
        while len(self._found) > MOST:
            self._found.popitem(last=False)
        return found
