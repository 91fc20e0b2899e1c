"""The pages of the shop, by name: what each is called."""

PAGES = {
    "vault": "Vault",
    "jobs": "Jobs",
    "shelf": "Parts shelf",
    "copies": "Copies",
    "catalogue": "Catalogue",
    "set_up": "Set-up",
    "words": "Words",
    "keys": "Keys",
}
