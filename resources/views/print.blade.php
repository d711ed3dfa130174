<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'nonce-{{ $nonce = bin2hex(random_bytes(16)) }}'; style-src 'unsafe-inline'; font-src data:; img-src data:">
        <title>Waage</title>
        <style>
            {!! $styles !!}
            @page { size: {{ $paper }}; margin: 14mm 14mm 16mm 18mm; font: 8pt "Source Sans 3", sans-serif; color: #6a6558; @bottom-right { content: "Page " counter(page) " of " counter(pages); } }
            #print { width: {{ $paper === 'Letter' ? '183.9mm' : '178mm' }}; }
        </style>
    </head>
    <body>
        <div id="print"></div>
        <script nonce="{{ $nonce }}">window.waageSheets = {{ Illuminate\Support\Js::from($content) }};</script>
        <script nonce="{{ $nonce }}">{!! $script !!}</script>
    </body>
</html>
