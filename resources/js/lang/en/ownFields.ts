/** Fields that the office added, and composed charge codes, where people fill them in. */
export const ownFieldsText = {
    ownFields: {
        none: 'None',
        yes: 'Yes',
        no: 'No',
        required: (name: string) => `${name} (required)`,
        forDay: (day: string) => `Use for all of ${day}`,
        forWeek: 'Use for the whole week',
        chargeCode: 'Charge code',
        noChargeCode: 'none chosen',
        choose: 'Choose',
        chooseAnother: 'Choose another',
        choosePart: 'Choose a code for each part.',
        use: 'Use this code',
        useOfTask: 'Use the task’s code',
    },
};
