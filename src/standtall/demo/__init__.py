"""The made-up programme, drawn and spoken by code, with its truth written down."""
