<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <title>Waage</title>
        <style>
            {!! $assets['styles'] !!}
            @page { size: {{ $paper }}; margin: 14mm 14mm 16mm 18mm; font: 8pt "Source Sans 3", sans-serif; color: #6a6558; @bottom-right { content: "Page " counter(page) " of " counter(pages); } }
            #print { width: {{ $paper === 'Letter' ? '183.9mm' : '178mm' }}; }
        </style>
    </head>
    <body>
        <div id="print"></div>
        <script>window.waageSheets = {{ Illuminate\Support\Js::from($content) }};</script>
        <script type="module" src="{{ $assets['script'] }}"></script>
    </body>
</html>
