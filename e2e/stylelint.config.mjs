/** One declaration a line, names that say whose they are, nothing twice. Which file a class belongs to is tested beside. */
export default {
    rules: {
        'declaration-block-single-line-max-declarations': 0,
        'declaration-block-no-duplicate-properties': [true, {ignore: ['consecutive-duplicates-with-different-values']}],
        'declaration-block-no-redundant-longhand-properties': true,
        'block-no-empty': true,
        'color-no-invalid-hex': true,
        'custom-property-no-missing-var-function': true,
        'no-invalid-position-at-import-rule': true,
        'property-no-unknown': true,
        'selector-class-pattern': '^[a-z][a-z0-9]*([_-][a-z0-9]+)*$',
        'selector-max-id': 1,
        'selector-max-specificity': '1,5,5',
        'selector-type-no-unknown': true,
        'unit-no-unknown': true,
    },
};
