/**
 * A property that is known already, taken over into the call sheet at a tap: what somebody has typed there stays as it is, but for
 * the place that was looked for.
 */

/**
 * @param {object} fields what is known, by name
 * @param {(name: string) => ({value: string}|null)} fieldOf the sheet's own
 * @param {string} always a name that is taken over even where something stands
 * @returns {Array} the fields that were filled
 */
export const fill = (fields, fieldOf, always = 'place') =>
    Object.entries(fields).flatMap(([name, value]) => {
        const field = fieldOf(name);
        if (!field || (name !== always && field.value.trim() !== '')) return [];
        field.value = value;
        return [field];
    });

export const known = () => ({
    take(event) {
        const button = event.currentTarget;
        const form = button.closest('form');
        fill(JSON.parse(button.dataset.fields), (name) => form.elements[`call_form[${name}]`] ?? null);
        button.setAttribute('aria-pressed', 'true');
        const mine = button.closest('.caller-one');
        button.closest('.caller').querySelectorAll('.caller-one').forEach((each) => (each.hidden = each !== mine));
        form.elements['call_form[backsUp]']?.focus();
    },
});
