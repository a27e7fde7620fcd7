<?php

declare(strict_types=1);

namespace Tests\App\OwnFields;

use Tests\App\Lighthouse;

/** The small organisation with own fields, and a client whose charge codes are composed. */
final class OwnFieldFiles
{
    /** Time with charge codes, and what own fields hold. */
    public const HELD = [
        'entries.csv' => <<<'CSV'
            person,project,task,role,date,hours,state,corrects,charge_code
            ada,LENS,FIT,,2026-06-16,4,settled,,WP1/LAB
            ada,LENS,FIT,,2026-06-16,-1,approved,2026-06-16,WP1/LAB
            ada,LENS,FIT,senior,2026-06-16,2,draft,,
            ada,LENS,FIT,,2026-06-17,1,draft,,

            CSV,
        'own_field_values.csv' => <<<'CSV'
            field,person,project,task,role,date,corrects,value
            ledger,,LENS,,,,,=4711
            miles,ada,LENS,FIT,,2026-06-16,2026-06-16,12
            old,ada,LENS,FIT,,2026-06-16,,kept
            place,ada,LENS,FIT,,2026-06-16,,train
            place,ada,LENS,FIT,,2026-06-17,,home
            place,ada,LENS,FIT,senior,2026-06-16,,client
            risk,,LENS,FIT,,,,high
            union,ada,,,,,,yes

            CSV,
    ];

    /**
     * @param  array<string, string>  $changed  files to add or to put in the place of others
     * @return array<string, string>
     */
    public static function files(array $changed = []): array
    {
        return Lighthouse::files($changed + [
            'own_fields.csv' => <<<'CSV'
                field,name,belongs_to,holds,required,starts_on,team,client,position,retired
                place,Place of work,entry,choice,yes,2026-06-01,field,,1,no
                miles,Miles driven,entry,number,no,,,harbour,2,no
                risk,Risk,task,choice,no,,,,3,no
                ledger,Ledger number,project,text,yes,,,,4,no
                union,Union member,person,yes-no,no,,field,,5,no
                old,No longer asked,entry,text,no,,,,6,yes

                CSV,
            'own_field_choices.csv' => <<<'CSV'
                field,choice,name,position,retired
                place,home,At home,1,no
                place,client,At the client,2,no
                place,train,On the train,3,yes
                risk,low,Low,1,no
                risk,high,High,2,no

                CSV,
            'client_details.csv' => "client,retired,charge_code_scheme,charge_code_separator\nharbour,no,,/\n",
            'charge_code_parts.csv' => "client,part,name\nharbour,1,Work package\nharbour,2,Cost\n",
            'charge_code_values.csv' => "client,part,code,name,retired\nharbour,1,WP1,Survey,no\nharbour,1,WP2,Repair,no\nharbour,2,LAB,Labour,no\nharbour,2,TRV,Travel,no\n",
            'charge_code_combinations.csv' => "client,codes\nharbour,* TRV\nharbour,WP1 LAB\n",
        ]);
    }
}
