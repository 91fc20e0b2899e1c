"""The shop: vault, parts shelf, catalogue and the list of keys."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtWidgets import (
    QButtonGroup,
    QFileDialog,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QStackedWidget,
    QTableView,
    QVBoxLayout,
    QWidget,
)

from daruma.bench.context import Context, local_time
from daruma.core.backup import named
from daruma.core.serials import grouped
from daruma.ui.actions import SPECS
from daruma.ui.desk import Desk
from daruma.ui.tables import Rows, table
from daruma.ui.views.copies_page import CopiesPage
from daruma.ui.views.intake import KIND
from daruma.ui.views.jobs_page import JobsPage
from daruma.ui.widgets.notices import label

if TYPE_CHECKING:
    from daruma.core.backup import Backup, VaultFault

PAGES = ("Vault", "Jobs", "Parts shelf", "Copies", "Catalogue", "Keys")


class ShopView(QWidget):
    """Show the shop's pages."""

    def __init__(self, desk: Desk, back: Callable[[], None]) -> None:
        super().__init__()
        self.setObjectName("shop")
        self.desk = desk
        self._backups: tuple[Backup, ...] = ()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(10)
        bar = QHBoxLayout()
        self._group = QButtonGroup(self)
        for index, name in enumerate(PAGES):
            button = QPushButton(name)
            button.setObjectName(f"shop_page_{index}")
            button.setProperty("role", "choice")
            button.setCheckable(True)
            self._group.addButton(button, index)
            bar.addWidget(button)
        self._group.idClicked.connect(self.show_page)
        bar.addStretch(1)
        back_button = QPushButton("Back to the job")
        back_button.setObjectName("back")
        back_button.clicked.connect(back)
        bar.addWidget(back_button)
        column.addLayout(bar)
        self.pages = QStackedWidget()
        self.jobs_page, self.copies_page = JobsPage(desk, back), CopiesPage(desk)
        pages = (self._vault_page(), self.jobs_page, self._shelf_page(), self.copies_page)
        for made in (*pages, self._catalogue_page(), self._keys_page()):
            self.pages.addWidget(made)
        column.addWidget(self.pages, 1)

    def show_page(self, index: int) -> None:
        """Show a page by its place in PAGES."""
        self._group.button(index).setChecked(True)
        self._group.button(index).setFocus()
        self.pages.setCurrentIndex(index)
        if self.desk.workshop is None:
            return
        match PAGES[index]:
            case "Vault":
                self._search_vault()
            case "Jobs":
                self.jobs_page.refresh()
            case "Parts shelf":
                self._show_shelf()
            case "Copies":
                self.copies_page.refresh()
            case "Catalogue":
                self._show_catalogue()

    # -- vault

    def _vault_page(self) -> QWidget:
        page, column = _page()
        top = QHBoxLayout()
        self.search = QLineEdit()
        self.search.setObjectName("vault_search")
        self.search.setPlaceholderText("part of a serial, IMEI, model or job")
        self.search.setAccessibleName("Search the vault")
        self.search.textEdited.connect(self._search_vault)
        top.addWidget(self.search, 1)
        for text, name, handler in (
            ("Check every backup", "vault_check", self._check),
            ("Export", "vault_export", self._export),
            ("Import", "vault_import", self._import),
        ):
            button = QPushButton(text)
            button.setObjectName(name)
            button.clicked.connect(handler)
            top.addWidget(button)
        column.addLayout(top)
        self.vault_note = label("quiet")
        column.addWidget(self.vault_note)
        self.vault_rows = Rows(
            ("Backup", "Taken", "Model", "Maker", "Display serial", "IMEI", "Part", "Job", "SHA-256"),
            mono=frozenset({4, 5, 6, 8}),
        )
        self.vault_table: QTableView = table("vault_table", self.vault_rows, (80, 144, 88, 76, 178, 160, 74, 70, 100))
        column.addWidget(self.vault_table, 1)
        return page

    def _search_vault(self) -> None:
        words = self.search.text()
        self.desk.run(self.desk.store, "searching the vault", lambda _: self.desk.ready.shop.vault.find(words), self._found)

    def _found(self, backups: tuple[Backup, ...]) -> None:
        self._backups = backups
        names = self.desk.ready.catalogue.names
        self.vault_rows.show_rows(
            [
                (
                    b.name,
                    b.content.taken[:16].replace("T", " ") + (", imported" if b.arrived else ""),
                    names.get(b.content.model, b.content.model),
                    b.content.maker,
                    grouped(dict(b.content.fields).get("display_serial", "")),
                    b.content.imei,
                    b.content.die[-6:],
                    named(b.content.job) if named(b.content.job) != "J-0000" else "earlier",
                    b.sha256[:12],
                )
                for b in backups
            ]
        )
        if backups:
            self.vault_table.selectRow(0)
        self.vault_note.setText(
            f"{len(backups)} backups shown. Backups are never changed or deleted; each is chained to the one before."
        )

    def _check(self) -> None:
        self.desk.run(self.desk.store, "checking the vault", self._check_work, self._checked)

    def _check_work(self, context: Context) -> tuple[int, tuple[VaultFault, ...]]:
        shop = self.desk.ready.shop
        total = max(1, shop.vault.count())
        return shop.check(lambda seen: context.report(seen / total, f"{seen} of {total}"))

    def _checked(self, result: tuple[int, tuple[VaultFault, ...]]) -> None:
        seen, faults = result
        if faults:
            self.vault_note.setText("Damaged: " + "; ".join(f"{f.name}: {f.what}" for f in faults) + ". The others can be used.")
        else:
            self.vault_note.setText(f"{seen} backups checked: every byte and every link of the chain is as it was kept.")

    def _chosen(self) -> Backup | None:
        row = self.vault_table.currentIndex().row()
        return self._backups[row] if 0 <= row < len(self._backups) else None

    def _export(self) -> None:
        backup = self._chosen()
        folder = QFileDialog.getExistingDirectory(self, "Export the backup to") if backup else ""
        if backup is not None and folder:
            self.export_to(backup.name, Path(folder))

    def export_to(self, name: str, folder: Path) -> None:
        """Export a backup as JSON, Intel HEX and raw binary."""

        def work(_: Context) -> tuple[Path, ...]:
            from daruma.handover.exchange import export

            return export(self.desk.ready.shop.vault.get(name), folder)

        self.desk.run(self.desk.store, "exporting", work, self._exported)

    def _exported(self, files: tuple[Path, ...]) -> None:
        self.vault_note.setText(f"Exported: {', '.join(path.name for path in files)}")

    def _import(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, "Import a backup", "", "Backup (*.json)")
        if name:
            self.import_from(Path(name))

    def import_from(self, path: Path) -> None:
        """Import an exchange file."""

        def work(_: Context) -> Backup:
            from daruma.handover.exchange import arrived, read_file

            return self.desk.ready.shop.vault.keep(read_file(path), arrived=arrived(path, local_time()))

        self.desk.run(self.desk.store, "importing", work, self._imported)

    def _imported(self, backup: Backup) -> None:
        self._search_vault()
        self.desk.told.emit(f"Imported as {backup.name}.")

    # -- shelf, catalogue, keys

    def _shelf_page(self) -> QWidget:
        page, column = _page()
        self.shelf_rows = Rows(
            ("Part", "Model", "Maker", "Kind", "From", "Price", "Writes", "In job", "Note"), mono=frozenset({0})
        )
        column.addWidget(table("shelf_table", self.shelf_rows, (116, 80, 72, 170, 190, 56, 60, 62, 120)), 1)
        return page

    def _show_shelf(self) -> None:
        names = self.desk.ready.catalogue.names
        self.shelf_rows.show_rows(
            [
                (
                    p.die,
                    names.get(p.model, p.model),
                    p.maker,
                    KIND[p.kind],
                    p.source,
                    f"{p.price:.0f} €",
                    str(p.earlier_writes),
                    named(p.used_in),
                    p.note,
                )
                for p in self.desk.shelf
            ]
        )

    def _catalogue_page(self) -> QWidget:
        page, column = _page()
        self.catalogue_note = label("quiet")
        column.addWidget(self.catalogue_note)
        heads = ("Model", "Systems", "Panel makers", "Writes in life", "Socket", "Firmware", "Memory", "Codes over cable", "File")
        self.catalogue_rows = Rows(heads)
        column.addWidget(table("catalogue_table", self.catalogue_rows, (90, 100, 230, 120, 70, 80, 90, 130, 120)), 1)
        return page

    def _show_catalogue(self) -> None:
        catalogue = self.desk.ready.catalogue
        self.catalogue_rows.show_rows(
            [
                (
                    m.name,
                    f"{m.first_system} to {m.last_system}",
                    ", ".join(maker + (" (not yet readable)" if maker in m.unreadable_makers else "") for maker in m.makers),
                    ", ".join(map(str, m.write_limits)) or "no known limit",
                    m.socket,
                    str(m.programmer_firmware),
                    m.memory_package,
                    "yes" if m.codes_over_cable else "no",
                    catalogue.origins[m.key],
                )
                for m in catalogue.models.values()
            ]
        )
        troubles = " ".join(trouble.what for trouble in catalogue.troubles)
        self.catalogue_note.setText(
            troubles or f"{len(catalogue.models)} models; a shop's own files may add to them or override them."
        )

    def _keys_page(self) -> QWidget:
        page, column = _page()
        rows = Rows(("Key", "What it does", "Menu"))
        rows.show_rows(
            [
                *((spec.key, spec.text, spec.menu) for spec in SPECS),
                ("Tab", "Next field, in the order of the work", ""),
                ("Left, Right", "On the cord: stage before, stage after", ""),
                ("Up, Down", "On the thread map: function; on the strips: route", ""),
                ("Space, held", "On a hold button: close the ring", ""),
            ]
        )
        column.addWidget(table("keys_table", rows, (180, 360, 120)), 1)
        return page


def _page() -> tuple[QFrame, QVBoxLayout]:
    page = QFrame()
    page.setProperty("role", "sheet")
    column = QVBoxLayout(page)
    column.setContentsMargins(16, 12, 16, 12)
    return page, column
