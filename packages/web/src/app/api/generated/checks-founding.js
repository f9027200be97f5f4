var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var changeFunctions = validate65, schema76 = { type: "object", required: ["off"], properties: { off: { type: "array", items: { type: "string", enum: ["review", "invoices", "cost", "people", "grid", "instruction"] }, maxItems: 6, uniqueItems: !0 } }, additionalProperties: !1 };
function validate65(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate65.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.off === void 0 && (missing0 = "off"))
        return validate65.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "off") {
            return validate65.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.off !== void 0) {
          let data0 = data.off;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 6)
                return validate65.errors = [{ instancePath: instancePath + "/off", schemaPath: "#/properties/off/maxItems", keyword: "maxItems", params: { limit: 6 }, message: "must NOT have more than 6 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (typeof data1 != "string")
                    return validate65.errors = [{ instancePath: instancePath + "/off/" + i0, schemaPath: "#/properties/off/items/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  if (!(data1 === "review" || data1 === "invoices" || data1 === "cost" || data1 === "people" || data1 === "grid" || data1 === "instruction"))
                    return validate65.errors = [{ instancePath: instancePath + "/off/" + i0, schemaPath: "#/properties/off/items/enum", keyword: "enum", params: { allowedValues: schema76.properties.off.items.enum }, message: "must be equal to one of the allowed values" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
                if (valid1) {
                  let i1 = data0.length, j0;
                  if (i1 > 1) {
                    let indices0 = {};
                    for (; i1--; ) {
                      let item0 = data0[i1];
                      if (typeof item0 == "string") {
                        if (typeof indices0[item0] == "number") {
                          return j0 = indices0[item0], validate65.errors = [{ instancePath: instancePath + "/off", schemaPath: "#/properties/off/uniqueItems", keyword: "uniqueItems", params: { i: i1, j: j0 }, message: "must NOT have duplicate items (items ## " + j0 + " and " + i1 + " are identical)" }], !1;
                          break;
                        }
                        indices0[item0] = i1;
                      }
                    }
                  }
                }
              }
            } else
              return validate65.errors = [{ instancePath: instancePath + "/off", schemaPath: "#/properties/off/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate65.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate65.errors = vErrors, errors === 0;
}
validate65.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeGuide = validate66;
function validate66(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate66.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.shown === void 0 && (missing0 = "shown"))
        return validate66.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "shown") {
            return validate66.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.shown !== void 0 && typeof data.shown != "boolean")
          return validate66.errors = [{ instancePath: instancePath + "/shown", schemaPath: "#/properties/shown/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
      }
    } else
      return validate66.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate66.errors = vErrors, errors === 0;
}
validate66.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var changeShape = validate67, schema78 = { type: "object", required: ["place", "size", "trade"], properties: { place: { anyOf: [{ type: "string", enum: ["office", "field", "both"] }, { type: "null" }] }, size: { anyOf: [{ type: "string", enum: ["one", "few", "more"] }, { type: "null" }] }, trade: { anyOf: [{ type: "string", enum: ["general", "survey", "design", "building", "repair", "upkeep", "advice", "accounts", "software", "research"] }, { type: "null" }] } }, additionalProperties: !1 };
function validate67(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate67.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.place === void 0 && (missing0 = "place") || data.size === void 0 && (missing0 = "size") || data.trade === void 0 && (missing0 = "trade"))
        return validate67.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "place" || key0 === "size" || key0 === "trade")) {
            return validate67.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.place !== void 0) {
            let data0 = data.place, _errs2 = errors, _errs3 = errors, valid1 = !1, _errs4 = errors;
            if (typeof data0 != "string") {
              let err0 = { instancePath: instancePath + "/place", schemaPath: "#/properties/place/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
              vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
            }
            if (!(data0 === "office" || data0 === "field" || data0 === "both")) {
              let err1 = { instancePath: instancePath + "/place", schemaPath: "#/properties/place/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema78.properties.place.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
              vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
            }
            var _valid0 = _errs4 === errors;
            valid1 = valid1 || _valid0;
            let _errs6 = errors;
            if (data0 !== null) {
              let err2 = { instancePath: instancePath + "/place", schemaPath: "#/properties/place/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
              vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
            }
            var _valid0 = _errs6 === errors;
            if (valid1 = valid1 || _valid0, valid1)
              errors = _errs3, vErrors !== null && (_errs3 ? vErrors.length = _errs3 : vErrors = null);
            else {
              let err3 = { instancePath: instancePath + "/place", schemaPath: "#/properties/place/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
              return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate67.errors = vErrors, !1;
            }
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.size !== void 0) {
              let data1 = data.size, _errs8 = errors, _errs9 = errors, valid2 = !1, _errs10 = errors;
              if (typeof data1 != "string") {
                let err4 = { instancePath: instancePath + "/size", schemaPath: "#/properties/size/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
              }
              if (!(data1 === "one" || data1 === "few" || data1 === "more")) {
                let err5 = { instancePath: instancePath + "/size", schemaPath: "#/properties/size/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema78.properties.size.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
              }
              var _valid1 = _errs10 === errors;
              valid2 = valid2 || _valid1;
              let _errs12 = errors;
              if (data1 !== null) {
                let err6 = { instancePath: instancePath + "/size", schemaPath: "#/properties/size/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
              }
              var _valid1 = _errs12 === errors;
              if (valid2 = valid2 || _valid1, valid2)
                errors = _errs9, vErrors !== null && (_errs9 ? vErrors.length = _errs9 : vErrors = null);
              else {
                let err7 = { instancePath: instancePath + "/size", schemaPath: "#/properties/size/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate67.errors = vErrors, !1;
              }
              var valid0 = _errs8 === errors;
            } else
              var valid0 = !0;
            if (valid0)
              if (data.trade !== void 0) {
                let data2 = data.trade, _errs14 = errors, _errs15 = errors, valid3 = !1, _errs16 = errors;
                if (typeof data2 != "string") {
                  let err8 = { instancePath: instancePath + "/trade", schemaPath: "#/properties/trade/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                }
                if (!(data2 === "general" || data2 === "survey" || data2 === "design" || data2 === "building" || data2 === "repair" || data2 === "upkeep" || data2 === "advice" || data2 === "accounts" || data2 === "software" || data2 === "research")) {
                  let err9 = { instancePath: instancePath + "/trade", schemaPath: "#/properties/trade/anyOf/0/enum", keyword: "enum", params: { allowedValues: schema78.properties.trade.anyOf[0].enum }, message: "must be equal to one of the allowed values" };
                  vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                }
                var _valid2 = _errs16 === errors;
                valid3 = valid3 || _valid2;
                let _errs18 = errors;
                if (data2 !== null) {
                  let err10 = { instancePath: instancePath + "/trade", schemaPath: "#/properties/trade/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                }
                var _valid2 = _errs18 === errors;
                if (valid3 = valid3 || _valid2, valid3)
                  errors = _errs15, vErrors !== null && (_errs15 ? vErrors.length = _errs15 : vErrors = null);
                else {
                  let err11 = { instancePath: instancePath + "/trade", schemaPath: "#/properties/trade/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate67.errors = vErrors, !1;
                }
                var valid0 = _errs14 === errors;
              } else
                var valid0 = !0;
          }
        }
      }
    } else
      return validate67.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate67.errors = vErrors, errors === 0;
}
validate67.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var foundFirm = validate68;
var formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/, func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u"), pattern68 = new RegExp("^[A-Z]{2}$", "u"), pattern69 = new RegExp("^[A-Z]{3}$", "u");
function validate68(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate68.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.country === void 0 && (missing0 = "country") || data.currency === void 0 && (missing0 = "currency") || data.zone === void 0 && (missing0 = "zone") || data.weekStart === void 0 && (missing0 = "weekStart") || data.taxed === void 0 && (missing0 = "taxed"))
        return validate68.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "country" || key0 === "currency" || key0 === "zone" || key0 === "weekStart" || key0 === "taxed")) {
            return validate68.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate68.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate68.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 100)
                    return validate68.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate68.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate68.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate68.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.country !== void 0) {
                let data2 = data.country, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (!pattern68.test(data2))
                      return validate68.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/pattern", keyword: "pattern", params: { pattern: "^[A-Z]{2}$" }, message: 'must match pattern "^[A-Z]{2}$"' }], !1;
                  } else
                    return validate68.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.currency !== void 0) {
                  let data3 = data.currency, _errs8 = errors;
                  if (errors === _errs8)
                    if (typeof data3 == "string") {
                      if (!pattern69.test(data3))
                        return validate68.errors = [{ instancePath: instancePath + "/currency", schemaPath: "#/properties/currency/pattern", keyword: "pattern", params: { pattern: "^[A-Z]{3}$" }, message: 'must match pattern "^[A-Z]{3}$"' }], !1;
                    } else
                      return validate68.errors = [{ instancePath: instancePath + "/currency", schemaPath: "#/properties/currency/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.zone !== void 0) {
                    let data4 = data.zone, _errs10 = errors;
                    if (errors === _errs10)
                      if (typeof data4 == "string") {
                        if (func2(data4) > 60)
                          return validate68.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                        if (func2(data4) < 1)
                          return validate68.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                      } else
                        return validate68.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs10 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.weekStart !== void 0) {
                      let data5 = data.weekStart, _errs12 = errors;
                      if (!(typeof data5 == "number" && !(data5 % 1) && !isNaN(data5) && isFinite(data5)))
                        return validate68.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      if (errors === _errs12 && typeof data5 == "number" && isFinite(data5)) {
                        if (data5 > 7 || isNaN(data5))
                          return validate68.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/maximum", keyword: "maximum", params: { comparison: "<=", limit: 7 }, message: "must be <= 7" }], !1;
                        if (data5 < 1 || isNaN(data5))
                          return validate68.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                      }
                      var valid0 = _errs12 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0)
                      if (data.taxed !== void 0) {
                        let _errs14 = errors;
                        if (typeof data.taxed != "boolean")
                          return validate68.errors = [{ instancePath: instancePath + "/taxed", schemaPath: "#/properties/taxed/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                        var valid0 = _errs14 === errors;
                      } else
                        var valid0 = !0;
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate68.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate68.errors = vErrors, errors === 0;
}
validate68.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  changeFunctions,
  changeGuide,
  changeShape,
  foundFirm
};
