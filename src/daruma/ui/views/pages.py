"""The pages of the shop, by name: what each is called."""

from daruma.core.language import tr

PAGES = {
    "vault": tr("Vault"),
    "jobs": tr("Jobs"),
    "shelf": tr("Parts shelf"),
    "copies": tr("Copies"),
    "catalogue": tr("Catalogue"),
    "set_up": tr("Set-up"),
    "words": tr("Words"),
    "keys": tr("Keys"),
}
