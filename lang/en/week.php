<?php

declare(strict_types=1);

return [
    'pencil_even' => 'plan: :hours h from :first to :last, :share h a day',
    'pencil_uneven' => 'plan: :hours h from :first to :last, :share h on this day',
];
