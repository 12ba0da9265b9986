"""Words that stand for values: yes and no, choices, placeholders, failures. Data, with one small test for each.

All words are compared plain: casefolded, without marks.
"""

from __future__ import annotations

import re
import unicodedata
from functools import lru_cache

# Letters that do not fall apart into a letter and a mark.
_STROKED = str.maketrans({"ł": "l", "Ł": "L", "ø": "o", "Ø": "O", "đ": "d", "Đ": "D", "ß": "ss", "œ": "oe", "æ": "ae"})


@lru_cache(maxsize=8192)
def plain(text: str) -> str:
    """``text`` casefolded, without accents, its spaces single."""
    if not text.isascii():
        text = text.translate(_STROKED)
        text = "".join(c for c in unicodedata.normalize("NFKD", text) if not unicodedata.combining(c))
    return " ".join(text.casefold().split())


YES = frozenset(
    "yes y true on enabled enable active 1 ja wahr ein aktiviert aktiv oui vrai active si sim verdadero "
    "activado habilitado habilitada attivo aan wlaczone wlaczony wlaczona tak ingeschakeld attiva abilitato abilitata ativo ativa ativado ativada aktywne aktywny up connected present supported required".split()
)
NO = frozenset(
    "no n false off disabled disable inactive 0 nein falsch aus deaktiviert inaktiv non faux desactive falso "
    "desactivado deshabilitado deshabilitada nao uit wylaczone wylaczony wylaczona nie nee nao disattivato disabilitato uitgeschakeld desativado desativada down disconnected absent unsupported".split()
) | {"not connected", "not required", "not supported", "not enabled", "not active", "no-carrier"}

_PLACEHOLDERS = frozenset({
    "default", "default string", "not specified", "not shown", "not available", "not applicable", "unspecified",
    "to be filled", "to be filled by o.e.m.", "to be filled in", "to be filled by the maker", "none", "null", "nil",
    "n/a", "na", "unknown", "empty", "no", "nothing", "system serial number", "serial number", "asset tag", "no asset tag",
    "123456789", "1234567890", "0123456789", "invalid", "undefined", "not set", "not present", "no module installed",
    "sin especificar", "no especificado", "ninguno", "ninguna", "desconocido", "nicht angegeben", "keine", "kein", "keiner",
    "unbekannt", "nicht verfugbar", "non specifie", "aucun", "aucune", "inconnu", "non renseigne", "o.e.m.", "oem",
    "chassis serial number", "base board serial number", "..", "--", "hidden", "not read", "blank", "(blank)", "?",
})  # fmt: skip
_ONE_CHARACTER = re.compile(r"(?P<c>[0fx.\-_*?#=])(?P=c)*$")
_ZERO_ID = re.compile(r"[0f]+(?:[-:][0f]+)+$")


def is_placeholder(text: str) -> bool:
    """Whether a printed text stands for "nobody filled this in": blank, a factory word, a run of one character."""
    word = plain(text).strip("()[]<>\"' ")
    if not word or word in _PLACEHOLDERS:
        return True
    # A single digit is a value (a count, a number); a run of one character is not.
    if len(word) > 1 and _ONE_CHARACTER.match(word):
        return True
    return word in {"-", "*", "?", "."} or (bool(_ZERO_ID.match(word)) and len(set(word) - {"-", ":"}) == 1)


CHOICE_WORDS: dict[str, dict[str, str]] = {
    "form": {
        "desktop": "desktop|mini pc|small desktop|low profile desktop", "tower": "tower|mini tower|turm|tour|torre",
        "laptop": "laptop|notebook|portable|sub notebook|convertible", "tablet": "tablet|detachable",
        "all-in-one": "all in one|all-in-one", "server": "server|rack mount chassis|main server chassis",
        "virtual": "virtual|virtual machine|vm",
        "dimm": "dimm|udimm|rdimm", "so-dimm": "so-dimm|sodimm|so dimm", "soldered": "soldered|row of chips|on board",
        "other": "other",
    },
    "mode": {"uefi": "uefi|efi", "legacy": "legacy|bios|legacy bios|csm"},
    "architecture": {
        "arm64": "arm64|aarch64|arm 64|64-bit arm|armv8|arm based|arm-based",
        "x86-64": "x86-64|x86_64|x64|amd64|64-bit|64 bit|64 bits|64-bits",
        "x86": "x86|i386|i486|i586|i686|32-bit|32 bit|32 bits", "other": "riscv64|ppc64le|s390x|mips",
    },
    "channel": {
        "volume": "volume|volumen|multiple activation|key server|volume licence", "retail": "retail|boxed|einzelhandel|detail",
        "oem": "oem|preinstalled|factory", "subscription": "subscription|abonnement|suscripcion|abo",
        "evaluation": "evaluation|trial|test|prueba",
    },
    "state": {
        "expired": "expired|abgelaufen|expire|caducada|run out", "grace": "grace|in grace|grace period|gnadenfrist",
        "inactive": "inactive|nieaktywna|inativa|inattiva|inactief|niet geactiveerd|nao ativada|non attivata|non activee|not activated|not active|unlicensed|not licensed|nicht aktiviert|non active|sin activar",
        "active": "active|activated|licensed|lizenziert|aktywna|ativa|attiva|actief|geactiveerd|ativada|attivata|activee|aktiviert|aktiv|active|activada|activado",
    },
    "type": {t: t.casefold() for t in (
        "LPDDR5", "LPDDR4", "LPDDR3", "LPDDR2", "LPDDR", "DDR5", "DDR4", "DDR3", "DDR2", "DDR")} | {"unknown": "unknown"},
    "media": {
        "nvme": "nvme", "ssd": "ssd|solid state|solid-state|flash", "hdd": "hdd|spinning|hard disk|rotational|rotating|magnetic",
        "removable": "removable|usb stick", "other": "other",
    },
    "layout": {"gpt": "gpt", "mbr": "mbr|dos|msdos", "none": "none|raw|no table"},
    "health": {
        "failing": "failing|failed|bad|critical|schlecht|defekt|defaillant|malo|critico|fail|predicted failure", "warning": "warning|degraded|caution|prefail|warnung|avertissement|advertencia|avviso",
        "good": "good|ok|healthy|passed|fine|gut|bon|bonne|bueno|buena|buono|goed|dobry|bom",
    },
    "kind": {
        "fixed": "fixed|local|local disk|fest", "removable": "removable|wechsel", "network": "network|remote|netz",
        "optical": "optical|cd-rom|cdrom|dvd", "memory": "memory|ram disk|tmpfs|ramfs|devtmpfs",
        "wireless": "wireless|wlan|wifi|wi-fi|ieee 802.11", "bluetooth": "bluetooth", "virtual": "virtual|bridge|tunnel|dummy",
        "loopback": "loopback", "wired": "wired|ethernet|ether|lan|cable", "other": "other",
        "dynamic": "dynamic|dynamisch|reachable|stale", "static": "static|permanent|statisch",
        "system-files": "system files|system-files", "disk": "disk", "energy": "energy|power",
    },
    "result": {
        "not-finished": "not finished|not-finished|interrupted|stopped|cancelled", "repaired": "repaired|mended",
        "damaged": "damaged|corrupt|errors found", "clean": "clean|no problems|no errors|ok",
    },
    "inbound": {"allow": "allow|allowed|permit|zulassen", "block": "block|blocked|deny|drop|reject|blockieren"},
    "outbound": {"allow": "allow|allowed|permit|zulassen", "block": "block|blocked|deny|drop|reject|blockieren"},
    "records": {
        "both": "both|success and failure|all", "success": "success", "failure": "failure", "none": "none|no auditing|off",
    },
}  # fmt: skip

_CHOICE_PATTERNS: dict[str, list[tuple[str, re.Pattern[str]]]] = {
    field: [
        (
            choice,
            re.compile(
                r"(?<![\w-])(?:"
                + "|".join(re.escape(w) for w in sorted(words.split("|"), key=len, reverse=True))
                + r")(?![\w-])"
            ),
        )
        for choice, words in table.items()
    ]
    for field, table in CHOICE_WORDS.items()
}


def choice_of(field: str, choices: tuple[str, ...], text: str) -> str | None:
    """The catalogue's word for a printed choice: by the whole text first, then by a word within it."""
    word = plain(text)
    table = CHOICE_WORDS.get(field, {})
    for choice in choices:
        if word == choice.casefold() or word in table.get(choice, "").split("|"):
            return choice
    return next((c for c, pattern in _CHOICE_PATTERNS.get(field, []) if c in choices and pattern.search(word)), None)


_GOES_ON = frozenset("in by for since with until as im in dem seit par depuis por desde".split())


def flag_of(text: str) -> bool | None:
    """Yes or no from a word in any of the languages, also when more is said after it (``yes, from 10.0.0.2``)."""
    word = plain(text).strip("()[]<>\"'. ")
    first, *rest = word.split() or [""]
    for candidate in (word, re.split(r"[,;(]", word)[0].strip(), first if rest and rest[0] in _GOES_ON else ""):
        if candidate in YES:
            return True
        if candidate in NO:
            return False
    return None


# What a failed command says, by kind. The first kind whose pattern is found names the failure.
FAILURES: tuple[tuple[str, str, re.Pattern[str]], ...] = tuple(
    (kind, sentence, re.compile(pattern))
    for kind, sentence, pattern in (
        ("no-rights", "it needs administrator rights",
         r"permission denied|access (?:is |was )?denied|administrator rights|must be (?:root|an? admin)|needs? (?:root|admin|administrator|elevated)|"
         r"not permitted|requires elevation|run as (?:root|admin)|acceso denegado|zugriff verweigert|acces refuse|"
         r"derechos de administrador|administratorrechte|droits d.administrat|accesso negato|toegang geweigerd|odmowa dostepu"),
        ("not-found", "there is no such command on this PC",
         r"command not found|no command of that name|not recogni[sz]ed as|unknown (?:command|word)|no such command|nothing (?:here )?by that name|"
         r"befehl (?:wurde )?nicht gefunden|unbekannter befehl|commande introuvable|orden no encontrada|comando (?:no |desconocido)|"
         r"is not known here|: not found$|^unknown command"),
        ("not-supported", "this PC does not support it",
         r"not supported|unsupported (?:on|by)|not available on this|does not support|not implemented|nicht unterstutzt|non pris en charge|no compatible|"
         r"no such (?:file|device|file or directory)|cannot (?:open|read|access)|could not (?:open|read|be read|access)"),
        ("timed-out", "it did not answer in time", r"timed? ?out|zeituberschreitung|delai (?:d.attente )?depasse|tiempo de espera"),
        ("cut-off", "its output was cut off", r"output (?:was )?(?:cut off|truncated)|connection (?:closed|lost|reset)|broken pipe"),
    )
)  # fmt: skip
FAILURE_SENTENCES: dict[str, str] = {kind: sentence for kind, sentence, _ in FAILURES}
_FAILURE_WORDS = re.compile("|".join(f"(?:{pattern.pattern})" for _, _, pattern in FAILURES))


def failure_kind(line: str) -> str | None:
    """The kind of failure that a line states, or ``None``."""
    if len(line) > 400:
        return None
    text = plain(line)
    if not _FAILURE_WORDS.search(text):
        return None
    return next(kind for kind, _, pattern in FAILURES if pattern.search(text))
