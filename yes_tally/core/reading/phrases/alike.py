"""Words for fields that many groups have, in every language: what a maker is called of a board, it is of a disk.

They count only where the group is spoken of; what a language says of one group alone is in that language's file.
"""

from __future__ import annotations

from collections.abc import Iterator

from yes_tally.core.catalogue import FACTS

# Field to its words, language by language.
ALIKE: dict[str, dict[str, str]] = {
    "maker": {
        "en": "maker|manufacturer|vendor|made by|built by|by",
        "de": "hersteller|fabrikat|produzent|marke|hergestellt von|gemacht von|gebaut von",
        "fr": "fabricant|constructeur|marque|fabriqué par|fait par",
        "es": "fabricante|marca|fabricado por|hecho por",
        "pt": "fabricante|marca|fabricado por|feito por",
        "it": "produttore|costruttore|fabbricante|marca|prodotto da|fatto da",
        "nl": "fabrikant|merk|maker|producent|gemaakt door",
        "pl": "producent|wytwórca|marka|wykonane przez",
    },
    "serial": {
        "en": "serial|serial number|serial no|sn|s/n|ser no",
        "de": "seriennummer|serien nr|seriennr|serie nr|ser nr|s/n|sn",
        "fr": "numéro de série|no de série|n° de série|n. de série|num série|s/n|sn",
        "es": "número de serie|nº de serie|n.º de serie|n. de serie|núm de serie|serie|s/n|sn",
        "pt": "número de série|nº de série|n.º de série|n. de série|núm de série|série|s/n|sn",
        "it": "numero di serie|numero seriale|n. di serie|nr serie|n. seriale|seriale|matricola|s/n|sn",
        "nl": "serienummer|serienr|serie nr|ser nr|s/n|sn",
        "pl": "numer seryjny|nr seryjny|n. seryjny|nr ser|s/n|sn",
    },
    "version": {
        "en": "version|revision|rev|release",
        "de": "version|fassung|ausgabe|stand|revision",
        "fr": "version|révision",
        "es": "versión|revisión",
        "pt": "versão|revisão",
        "it": "versione|revisione",
        "nl": "versie|revisie",
        "pl": "wersja|rewizja",
    },
    "size": {
        "en": "size|capacity",
        "de": "größe|kapazität|umfang",
        "fr": "taille|capacité",
        "es": "tamaño|capacidad",
        "pt": "tamanho|capacidade",
        "it": "dimensione|dimensioni|capacità",
        "nl": "grootte|capaciteit|omvang",
        "pl": "rozmiar|pojemność|wielkość",
    },
    "model": {
        "en": "model|model name|product|product name",
        "de": "modell|modellname|produkt",
        "fr": "modèle|produit",
        "es": "modelo|producto",
        "pt": "modelo|produto",
        "it": "modello|prodotto",
        "nl": "model|product",
        "pl": "model|produkt",
    },
    "part": {
        "en": "part|part number|part no|pn|p/n|order number",
        "de": "teilenummer|artikelnummer|bestellnummer|teile nr",
        "fr": "référence|numéro de pièce|réf",
        "es": "número de pieza|referencia|código|ref",
        "pt": "número da peça|referência|código|ref",
        "it": "codice|numero parte|codice prodotto|riferimento",
        "nl": "onderdeelnummer|artikelnummer|artikelnr",
        "pl": "numer części|symbol|nr katalogowy|kod",
    },
}  # fmt: skip


def labels_alike(language: str) -> Iterator[tuple[str, str]]:
    """Facts with the words that a language has for their field, as in a language's own ``LABELS``."""
    for name, fact in FACTS.items():
        words = ALIKE.get(fact.field, {}).get(language)
        if words:
            yield name, words
