<?php

declare(strict_types=1);

namespace Levin\Core\Drafting\Quick;

/** Letters and words of the trade for what stands on a rung [practice, no published source]. What is not here is taken for a contact. */
final class Vocabulary
{
    /** What a rung begins with, and what it ends on. */
    private const HOT = ['R', 'RC', 'RH', 'H', 'HOT', 'L', 'L1', 'L3'];

    private const COMMON = ['C', 'COM', 'COMMON', 'N', 'NEUTRAL', 'L2'];

    /** Terminals that a call arrives on. */
    private const CALLS = ['Y', 'Y1', 'Y2', 'G', 'W', 'W1', 'W2', 'O', 'B', 'E'];

    private const COLOURS = [
        'black', 'blue', 'brown', 'copper', 'gray', 'green', 'grey', 'orange', 'pink', 'purple', 'red', 'tan', 'violet', 'white', 'yellow',
    ];

    /** @return list<Term> the more particular words first */
    public static function terms(): array
    {
        return [
            new Term('TST|STAT|TSTAT|TH', '/thermostat|\bstat\b/', 'Thermostat', 'thermostat', spot: Spot::Wall),
            new Term('HP|HPS|HPC|HPCO', '/high.?pressure/', 'High-pressure switch', 'pressure-switch'),
            new Term('LP|LPS|LPC|LPCO', '/low.?pressure/', 'Low-pressure switch', 'pressure-switch'),
            new Term('LOC|LCS', '/loss of charge|charge/', 'Loss-of-charge switch', 'pressure-switch'),
            new Term('RO|ROS|MRO', '/roll.?out/', 'Roll-out switch', 'rollout-switch'),
            new Term('PS|APS|DPS', '/draft|air.?proving|pressure switch/', 'Draft pressure switch', 'draft-switch'),
            new Term('LIM|HL|LS|LMT', '/limit/', 'Limit', 'limit'),
            new Term('FZS|FRZ|FPS', '/freeze|frost|freezestat/', 'Freeze-up thermostat', 'temperature-switch'),
            new Term('DFT|DTS', '/defrost (thermostat|switch)|coil thermostat/', 'Defrost thermostat', 'temperature-switch'),
            new Term('AMB|LAT|OAT|LA', '/ambient|outdoor thermostat/', 'Ambient thermostat', 'temperature-switch'),
            new Term('DTH|DLT', '/discharge/', 'Discharge thermostat', 'temperature-switch'),
            new Term('FLT|FLOAT|CO|COS|WS', '/float|overflow|drain|condensate/', 'Condensate float switch', 'float-switch'),
            new Term('DS|DOOR|BDS', '/door/', 'Door switch', 'door-switch'),
            new Term('SD|SMK', '/smoke/', 'Smoke detector', 'smoke-switch'),
            new Term('FU|F|FUSE', '/fuse/', 'Fuse', 'fuse'),
            new Term('CB|BRK', '/breaker/', 'Breaker', 'breaker-1p'),
            new Term('DISC|SW', '/disconnect|switch box|service switch/', 'Switch', 'switch-1p', spot: Spot::Disconnect),
            new Term('OL|OLR', '/overload/', 'Overload', 'overload-external'),
            new Term('GV|MV', '/gas valve/', 'Gas valve', load: 'gas-valve'),
            new Term('RV|RVS|SOV', '/reversing/', 'Reversing valve', load: 'reversing-valve'),
            new Term('LLS|SOL|LSV|SV', '/solenoid/', 'Solenoid valve', load: 'solenoid'),
            new Term('CCH|CH', '/crankcase/', 'Crankcase heater', load: 'heater'),
            new Term('DH|DHTR', '/defrost heater/', 'Defrost heater', load: 'heater'),
            new Term('HTR|HE|EH', '/heater|element|heat strip/', 'Heater', load: 'heater'),
            new Term('HSI|IGN', '/igniter|ignitor/', 'Igniter', load: 'igniter-hot-surface'),
            new Term('IND|IDM|CBM|VM', '/inducer|draft motor|vent motor|combustion/', 'Draft motor', load: 'motor-shaded-pole'),
            new Term('COMP', '/compressor(?! contactor)/', 'Compressor', load: 'compressor-psc'),
            new Term('OFM|CFM|ODF', '/outdoor fan|condenser fan/', 'Outdoor fan motor', load: 'motor-psc'),
            new Term('IBM|IFM|BM|BLM|BLWM', '/blower motor|indoor fan|blower(?! relay)/', 'Blower motor', load: 'motor-psc'),
            new Term('EFM|EF', '/evaporator fan/', 'Evaporator fan', load: 'motor-shaded-pole'),
            new Term('CC|M|MC|CON|K', '/contactor/', 'Contactor', 'dry-contact', 'coil'),
            new Term('IFR|BR|FR|BLR', '/(blower|fan) relay/', 'Fan relay', 'dry-contact', 'coil'),
            new Term('CR|RY|TDR|ASCT|DR|LO|LOR', '/relay|timer|delay|lockout/', 'Relay', 'dry-contact', 'coil'),
        ];
    }

    /** What a piece of a rung is called: by its letters, with or without a number behind them, or in words. */
    public static function term(string $said): ?Term
    {
        $letters = strtoupper(rtrim($said, '0123456789'));
        foreach (self::terms() as $term) {
            if (in_array($letters, explode('|', $term->letters), true)) {
                return $term;
            }
        }
        foreach (self::terms() as $term) {
            if (preg_match($term->words, strtolower($said)) === 1) {
                return $term;
            }
        }

        return null;
    }

    public static function isHot(string $said): bool
    {
        return in_array(strtoupper($said), self::HOT, true);
    }

    public static function isCommon(string $said): bool
    {
        return in_array(strtoupper($said), self::COMMON, true);
    }

    public static function isCall(string $said): bool
    {
        return in_array(strtoupper($said), self::CALLS, true);
    }

    public static function isColour(string $said): bool
    {
        return in_array(strtolower($said), self::COLOURS, true);
    }
}
