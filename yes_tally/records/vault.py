"""The vault: credentials kept encrypted (Fernet: AES-128-CBC and HMAC-SHA256), the key in a file beside the store,
never in it. Without saving, credentials live in memory for one run only."""

from __future__ import annotations

import json
import os
from collections.abc import Mapping
from pathlib import Path

from cryptography.fernet import Fernet, InvalidToken
from peewee import IntegrityError

from yes_tally.records.models import Credential, Person
from yes_tally.records.store import NotThere, Refused, StoreUnusable, database, now, writing

KEY_FILE = "vault.key"


def save(name: str, user: str, secrets: Mapping[str, str], by: Person) -> Credential:
    """Seal credentials under a name. Raises ``Refused`` for an empty name or one in use, ``StoreUnusable``."""
    if not name.strip() or not user.strip():
        raise Refused("saved credentials need a name and a user")
    sealed = _fernet().encrypt(json.dumps(dict(secrets)).encode())
    try:
        with writing():
            return Credential.create(name=name.strip(), user=user.strip(), sealed=sealed, person=by, created_at=now())
    except IntegrityError as error:
        raise Refused(f"credentials are saved as “{name.strip()}” already; forget those first") from error


def names() -> list[Credential]:
    """What is saved, by name; the secrets stay sealed."""
    return list(Credential.select().order_by(Credential.name))


def unseal(number: int) -> tuple[str, dict[str, str]]:
    """User and secrets. Raises ``NotThere``, or ``Refused`` when the key is not the one they were sealed with."""
    found = Credential.get_or_none(Credential.id == number)
    if found is None:
        raise NotThere("these saved credentials are gone")
    try:
        return found.user, json.loads(_fernet().decrypt(bytes(found.sealed)))
    except InvalidToken as error:
        raise Refused(
            f"“{found.name}” cannot be opened: {KEY_FILE} is not the key it was sealed with. Forget it and save it anew"
        ) from error


def forget(number: int) -> None:
    """Throw saved credentials away. Raises ``NotThere``."""
    with writing():
        if not Credential.delete().where(Credential.id == number).execute():
            raise NotThere("these saved credentials are gone")


def _fernet() -> Fernet:
    path = Path(database.obj.database).parent / KEY_FILE
    try:
        if not path.exists():
            with open(os.open(path, os.O_WRONLY | os.O_CREAT | os.O_EXCL, 0o600), "wb") as file:
                file.write(Fernet.generate_key())
        return Fernet(path.read_bytes())
    except (OSError, ValueError) as error:
        raise StoreUnusable(f"the vault's key {path} cannot be used: {error}") from error
