"""A made-up office: PCs with their whole truth, the reports they print, and a host that answers for them."""

SEED = 8040
"""The office that the demo shows."""

FIRST_PORT = 8100
"""Where its first PC answers SSH on loopback; the others follow."""
