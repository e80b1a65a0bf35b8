-- A variant has no ledger of its own: what was paid was paid for the garden.

update receipt set garden = variant.of_garden from variant where variant.garden = receipt.garden;
