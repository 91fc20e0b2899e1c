"""The pages of the shop, by name: what each is called and what it is for."""

PAGES = {
    "vault": "Vault",
    "jobs": "Jobs",
    "shelf": "Parts shelf",
    "copies": "Copies",
    "catalogue": "Catalogue",
    "set_up": "Set-up",
    "keys": "Keys",
}
