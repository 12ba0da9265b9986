"""Whether something is so: what words say of a flag, where it is not plainly yes or no."""

from __future__ import annotations

import re

from yes_tally.core.catalogue import FactKind
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.values.text_forms import DAY_IN_NUMBERS, NO_SIGNATURE, PERMANENT, SIGNED, TIME_OF_DAY
from yes_tally.core.words import flag_of

_STATE_WORD = re.compile(r"[^\W\d_]+(?=,? (?:(?:at|with|mit|à|a|con|com|met|z)\b|\d|\())", re.I)


_LOCKED = re.compile(
    r"(?:locked(?: out)?|blocked|gesperrt|bloqu[ée]e?|verrouill[ée]e?|bloquead[oa]|bloccat[oa]|geblokkeerd|vergrendeld|zablokowan[yea])",
    re.I,
)
_RIGHTS = re.compile(
    r"(?:(?P<all>(?:local )?(?:adm\w*|amministrat\w+|beheerder\w*|verwalter\w*))|(?:standard |limited )?(?:user|guest|benutzer|gast|utilisateur|invit\w+|usuario|utente|ospite|gebruiker|utilizador|convidado|uzytkownik|użytkownik|gość)s?)\s*$",
    re.I,
)
_PARTED = re.compile(
    r"\b(?:disconnected|unplugged|getrennt|d[ée]connect[ée]e?|d[ée]branch[ée]e?|desconectad[oa]s?|desligad[oa]s?|desenchufad[oa]|scollegat[oa]|disconness[oa]|losgekoppeld|"
    r"verbroken|roz[łl][ąa]czon\w+|od[łl][ąa]czon\w+|nie po[dł][łl]?[ąa]czon\w+|no (?:cable|link)|pas (?:branch[ée]e?|connect[ée]e?)|niet (?:verbonden|aangesloten)|sin conexi[óo]n|link down)\b",
    re.I,
)
_HOW_ADDRESSED = re.compile(
    r"(?:(?:by |via |per |par |por |da |door |przez )?(?P<yes>dhcp|auto\w*)|static|manual\w*|fixed|fest|fixe|fij[oa]|fix[oa]|statico|statisch|vast|statyczn\w+)(?![\w-])",
    re.I,
)


# ``required``, ``nicht nötig``: what is said of a password.
_NEEDED = re.compile(
    r"(?:(?:is|wird|est|es|[eé]|[eè]|wordt|jest) )?(?P<no>(?:not|no|none|nicht|keine?s?|non|pas|aucun|ningun[ao]|nenhuma|n[ãa]o|nessuna|niet|geen|nie|[żz]adne) ?)?(?:(?:is|es|[eé]|jest) )?(?:needed|hace falta|serve|precisa|must be set|mandatory|compulsory|required|asked for|erforderlich|n[öo]tig|verlangt|vorgeschrieben"
    r"|exig[ée]e?|requise?|obligatoire|n[ée]cessaire|demand[ée]e?|exigid[oa]|obligatori[oa]|requerid[oa]|necesari[oa]|obrigat[óo]ri[oa]|necess[áa]ri[oa]"
    r"|richiest[oa]|obbligatori[oa]|necessari[oa]|vereist|verplicht|nodig|gevraagd|wymagan[eya]|obowi[ąa]zkow[eya]|konieczn[eya]|potrzebn[eya])"
    r"|(?P<free>optional|facultati[fv]\w*|opcional|facoltativ[oa]|opzionale|optioneel|opcjonaln[eya]|beliebig|freiwillig"
    r"|(?:may|can) be (?:empty|blank)|darf leer sein|peut [êe]tre vide|puede estar vac[íi]a|pode (?:estar|ficar) vazia|pu[òo] essere vuota|mag leeg (?:zijn|blijven)|mo[żz]e by[ćc] puste)",
    re.I,
)
# What is said of a signature.
_SIGNATURE = re.compile(
    rf"(?:(?P<good>good|valid|ok|verified|trusted|present|{SIGNED}|g[uü]ltig|valide|v[aá]lid[ao]|geldig|prawid[łl]ow\w|wa[żz]n\w)|"
    r"missing|none|invalid|bad|absent|broken|unverified|untrusted|revoked|expired|fehlt|ung[uü]ltig|absente?|assente|manquante?|falta|ausente|inv[aá]lida|"
    rf"aucune|ninguna|nessuna|nenhuma|keine|geen|mancante|non valida|ontbreekt|ongeldig|brak|niewa[żz]n\w|nieprawid[łl]ow\w|{NO_SIGNATURE})\b",
    re.I,
)


# ``UEFI with secure boot``
_WITH_OR_WITHOUT = {
    **dict.fromkeys("with mit avec con com met z".split(), True),
    **dict.fromkeys("no without kein keine ohne pas sans sin sem senza nessun geen zonder bez brak".split(), False),
}
# Who signs has a name of several words.
_SIGNER = re.compile(r"[A-Z][\w&.'-]+(?: [\w&.'-]+){1,5}")


# ``changed 2024-11-14``, ``défini le 02/01/2023``
_SET_ON = re.compile(rf"[^\W\d_]{{2,12}}(?: [^\W\d_]{{1,4}})? {DAY_IN_NUMBERS}(?: {TIME_OF_DAY})?")


def says_rights(text: str) -> bool:
    """Whether a text says what an account may do (``user``, ``local administrator``), and nothing else."""
    return _RIGHTS.fullmatch(text) is not None


def says_needed(text: str) -> bool:
    """Whether a text says that something is or is not required, and nothing else."""
    return _NEEDED.fullmatch(text) is not None


def says_of_password(text: str) -> bool:
    """Whether a text, or a part of it between commas, says that something is or is not required, or when it was done or
    ends."""
    said = (says_needed, _SET_ON.fullmatch, PASSWORD_ENDS.fullmatch, PASSWORD_NEVER_ENDS.fullmatch)
    return any(says(part) for part in text.split(", ") for says in said)


# ``supported and enabled``, ``supported, off``: the last word says whether it is on.
_SAID_IN_PARTS = frozenset({"security.virtualisation", "firmware.secure_boot"})
_PARTS = re.compile(r",? (?:and|but|und|aber|et|mais|y|pero|e|mas|ma|en|maar|i|ale) |, ", re.I)

# ``vorhanden, ausgeschaltet``: that it could be.
_IS_THERE = re.compile(
    r"(?:there|available|capable|built in|vorhanden|verf[üu]gbar|m[öo]glich|disponible|pr[ée]sente?|possible|capaz|posible|dispon[íi]vel|presente|poss[íi]vel|possibile|"
    r"disponibile|aanwezig|beschikbaar|mogelijk|obecn[yae]|dost[ęe]pn[yae]|mo[żz]liw[yae]),",
    re.I,
)
# How much of a volume is encrypted.
_SHARE_ENCRYPTED = re.compile(
    r"(?P<no>none|nothing|nichts|keine|rien|aucun|nada|ninguno|nenhum|niente|nessuna|niets|geen|nic|brak)|"
    r"(?:full|whole|all|in full|complete(?:ly)?|used (?:space )?only|ganz|vollst[äa]ndig|compl[eè]te?|enti[eè]re?|complet[oa]|inteir[oa]|entera|intera|volledig|geheel|ca[łl]y|ca[łl]kowicie)",
    re.I,
)


# How long a licence lasts that has no end.
_NO_END = re.compile(
    rf"(?:{PERMANENT}|unlimited|endless|(?:zeitlich )?unbegrenzt|(?:dur[ée]e )?illimit[ée]e?|ilimitad[oa]|indefinid[oa]|illimitat[oa]|onbeperkt|nieograniczon\w+|"
    r"no (?:end|limit)|without (?:end|limit)|ohne ende|sans (?:fin|limite)|sin (?:fin|l[íi]mite)|sem (?:fim|limite)|senza (?:fine|limiti)|zonder einde|bez ko[ńn]ca)",
    re.I,
)


PASSWORD_NEVER_ENDS = re.compile(
    rf"(?:{_NO_END.pattern}|(?:it )?(?:never|does not|doesn't) (?:expires?|ends?|runs? out)|no (?:expiry|expiration)|l[äa]uft (?:nie|nicht) ab|ohne (?:ablauf|frist)|"
    r"n['’]expire (?:jamais|pas)|sans (?:[ée]ch[ée]ance|expiration)|(?:no|nunca) (?:caduca|vence|expira)|sin (?:caducidad|vencimiento|plazo)|(?:n[ãa]o|nunca) expira|"
    r"sem (?:prazo|validade|expira[çc][ãa]o)|non scade(?: mai)?|senza scadenza|verloopt (?:niet|nooit)|zonder (?:verval|eind)datum|(?:nigdy )?nie wygasa|bez terminu)",
    re.I,
)
PASSWORD_ENDS = re.compile(
    r"(?:(?:valid )?(?:until|till)|(?:g[üu]ltig )?bis(?: zum)?|(?:valable )?jusqu['’]au|(?:v[áa]lida )?(?:hasta(?: el)?|at[ée](?: a)?)|(?:valida )?fino al?|(?:geldig )?tot|(?:wa[żz]ne )?do(?: dnia)?|"
    r"expire[ds]?(?: on| le)?|(?:runs|ran) out(?: on)?|(?:l[äa]uft ab|abgelaufen)(?: am)?|expir[ée]e?(?: le)?|caduc[óo](?: el)?|vencida(?: el)?|expirou(?: em)?|expirada(?: em)?|scaduta(?: il)?|"
    rf"verlopen(?: op)?|wygas[łl]o(?: dnia)?) (?P<day>{DAY_IN_NUMBERS}(?:,? {TIME_OF_DAY})?)",
    re.I,
)


def flag(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    """Whether ``fact`` is so, or ``None`` where the text says neither."""
    # "connected at 1 Gbit/s", "up, full duplex": the first word says it.
    if fact.name == "adapter.dhcp" and (how := _HOW_ADDRESSED.match(text)):
        return exactly("flag", bool(how["yes"]))
    if fact.name == "account.admin" and (right := _RIGHTS.match(text)):
        return exactly("flag", bool(right["all"]))
    if fact.name == "account.password_required" and (needed := _NEEDED.fullmatch(text)):
        return exactly("flag", not (needed["no"] or needed["free"]))
    if fact.name == "account.enabled" and _LOCKED.fullmatch(text):
        return exactly("flag", False)
    if fact.name == "volume.encrypted" and (much := _SHARE_ENCRYPTED.fullmatch(text)):
        return exactly("flag", not much["no"])
    if fact.name == "licence.permanent" and _NO_END.fullmatch(text):
        return exactly("flag", True)
    if fact.name == "driver.signed" and (signature := _SIGNATURE.match(text)):
        return exactly("flag", bool(signature["good"]))
    if fact.name == "firmware.secure_boot" and (beside := _WITH_OR_WITHOUT.get(text.casefold())) is not None:
        return exactly("flag", beside)
    if fact.name == "adapter.connected" and _PARTED.search(text):
        return exactly("flag", False)
    first = _STATE_WORD.match(text) if fact.name == "adapter.connected" else None
    value = flag_of(first.group() if first else text)
    if value is None and fact.name in _SAID_IN_PARTS:
        parts = [flag_of(part) for part in _PARTS.split(text)]
        value = parts[-1] if len(parts) > 1 and (None not in parts or _IS_THERE.match(text)) else None
    if value is None and fact.name == "driver.signed" and _SIGNER.fullmatch(text):
        return exactly("flag", True)  # ``Signed by   Harbour Hardware Signing``
    return None if value is None else exactly("flag", value)
