<?php

declare(strict_types=1);

namespace App\Support\Network;

/** Asks other systems at addresses outside. */
interface OutsideHttp
{
    /**
     * @param  array<string, string>  $headers
     * @param  int  $longest  of the answer, in bytes
     *
     * @throws OutsideUnreachable
     */
    public function ask(string $method, string $address, array $headers = [], string $body = '', int $longest = 1_048_576): OutsideAnswer;
}
