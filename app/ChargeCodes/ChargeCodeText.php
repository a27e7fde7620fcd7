<?php

declare(strict_types=1);

namespace App\ChargeCodes;

use App\Support\Language\Wording;
use DomainException;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\ChargeCodes\CompositionRefused;

/** Charge codes as they are typed, or put together. */
final class ChargeCodeText
{
    /**
     * @param  string  $client  its name
     *
     * @throws DomainException with a sentence that says what is wrong
     */
    public static function checked(Composition $composition, string $client, string $chargeCode): string
    {
        try {
            return $composition->check($chargeCode);
        } catch (CompositionRefused $refused) {
            throw new DomainException(self::refused($refused, $client));
        }
    }

    public static function refused(CompositionRefused $refused, string $client): string
    {
        return Wording::of('own_fields.charge_code.'.$refused->fault->value, ['client' => $client, 'text' => $refused->text]);
    }
}
