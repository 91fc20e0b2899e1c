"""The shop's page of backups: searched, checked, exported, imported."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import QFileDialog, QFrame, QHBoxLayout, QLineEdit, QPushButton, QTableView, QVBoxLayout

from daruma.bench.context import Context, local_time
from daruma.core.backup import named
from daruma.core.language import moment, tr
from daruma.core.serials import grouped
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, table
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.core.backup import Backup, VaultFault


class VaultPage(QFrame):
    """Show the vault."""

    def __init__(self, desk: Desk) -> None:
        super().__init__()
        self.setProperty("role", "sheet")
        self.desk = desk
        self._backups: tuple[Backup, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(16, 12, 16, 12)
        top = QHBoxLayout()
        self.search = QLineEdit()
        self.search.setObjectName("vault_search")
        self.search.setPlaceholderText(tr("part of a serial, IMEI, model or job"))
        self.search.setAccessibleName(tr("Search the vault"))
        self.search.textEdited.connect(self.refresh)
        top.addWidget(self.search, 1)
        for text, name, handler in (
            (tr("Check every backup"), "vault_check", self._check),
            (tr("Export"), "vault_export", self._export),
            (tr("Import"), "vault_import", self._import),
        ):
            button = QPushButton(text)
            button.setObjectName(name)
            button.clicked.connect(handler)
            top.addWidget(button)
        column.addLayout(top)
        self.note = label("quiet")
        column.addWidget(self.note)
        self.rows = Rows(
            (tr("Backup"), tr("Taken"), tr("Model"), tr("Maker"), tr("Display serial"), "IMEI", tr("Part"), tr("Job"), "SHA-256"),
            mono=frozenset({4, 5, 6, 8}),
        )
        self.table: QTableView = table("vault_table", tr("Table of backups"), self.rows, (80, 144, 88, 76, 178, 160, 74, 70, 100))
        column.addWidget(self.table, 1)

    def seek(self, words: str) -> None:
        """Search for words."""
        self.search.setText(words)
        self.refresh()

    def refresh(self) -> None:
        """Search by the words that are typed."""
        words = self.search.text()
        self.desk.run(self.desk.store, tr("searching the vault"), lambda _: self.desk.ready.shop.vault.find(words), self._found)

    def _found(self, backups: tuple[Backup, ...]) -> None:
        self._backups = backups
        names = self.desk.ready.catalogue.names
        self.rows.show_rows(
            [
                (
                    b.name,
                    moment(b.content.taken) + (tr(", imported") if b.arrived else ""),
                    names.get(b.content.model, b.content.model),
                    b.content.maker,
                    grouped(dict(b.content.fields).get("display_serial", "")),
                    b.content.imei,
                    b.content.die[-6:],
                    named(b.content.job) if named(b.content.job) != "J-0000" else tr("earlier"),
                    b.sha256[:12],
                )
                for b in backups
            ]
        )
        if backups:
            self.table.selectRow(0)
        self.note.setText(
            tr(
                "{count_backups} backups shown. Backups are never changed or deleted; each is chained to the one before.",
                count_backups=len(backups),
            )
        )

    def _check(self) -> None:
        self.desk.run(self.desk.store, tr("checking the vault"), self._check_work, self._checked)

    def _check_work(self, context: Context) -> tuple[int, tuple[VaultFault, ...]]:
        shop = self.desk.ready.shop
        total = max(1, shop.vault.count())
        return shop.check(lambda seen: context.report(seen / total, tr("{seen} of {total}", seen=seen, total=total)))

    def _checked(self, result: tuple[int, tuple[VaultFault, ...]]) -> None:
        seen, faults = result
        if faults:
            self.note.setText(
                tr("Damaged: ") + "; ".join(f"{f.name}: {f.what}" for f in faults) + tr(". The others can be used.")
            )
        else:
            self.note.setText(tr("{seen} backups checked: every byte and every link of the chain is as it was kept.", seen=seen))

    def _chosen(self) -> Backup | None:
        row = self.table.currentIndex().row()
        return self._backups[row] if 0 <= row < len(self._backups) else None

    def _export(self) -> None:
        backup = self._chosen()
        folder = QFileDialog.getExistingDirectory(self, tr("Export the backup to")) if backup else ""
        if backup is not None and folder:
            self.export_to(backup.name, Path(folder))

    def export_to(self, name: str, folder: Path) -> None:
        """Export a backup as JSON, Intel HEX and raw binary."""

        def work(_: Context) -> tuple[Path, ...]:
            from daruma.handover.exchange import export

            return export(self.desk.ready.shop.vault.get(name), folder)

        self.desk.run(self.desk.store, tr("exporting"), work, self._exported)

    def _exported(self, files: tuple[Path, ...]) -> None:
        self.note.setText(tr("Exported: {files}", files=", ".join(path.name for path in files)))

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, tr("Import a backup"), "", tr("Backup (*.json)"))
        if name:
            self.import_from(Path(name))

    def import_from(self, path: Path) -> None:
        """Import an exchange file."""

        def work(_: Context) -> Backup:
            from daruma.handover.exchange import arrived, read_file

            return self.desk.ready.shop.vault.keep(read_file(path), arrived=arrived(path, local_time()))

        self.desk.run(self.desk.store, tr("importing"), work, self._imported)

    def _imported(self, backup: Backup) -> None:
        self.refresh()
        self.desk.told.emit(tr("Imported as {backup}.", backup=backup.name))
